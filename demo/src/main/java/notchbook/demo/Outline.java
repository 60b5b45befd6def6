package notchbook.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Patterns;
import org.jspecify.annotations.Nullable;

/**
 * A notebook's pages as they are written down in the demo's text files: a line
 * {@code # topic title @week day [on pattern[, lines tint]]} for each page, then its entries,
 * {@code t|h|p|s|r|c|f|l[^][>zone][~passage] codes [half] ["caption"] [maker:subject]}, the lines of a typed one, the
 * name of a file, the address of a link and the sheets of a set of photos indented. {@code ^} explains the entry before.
 */
record Outline(List<Page> pages) {
    private static final Pattern PAGE =
            Pattern.compile("# (?<topic>\\S+) (?<title>.+) @(?<week>\\d+) (?<day>\\w+)(?: on (?<pattern>[\\w ]+?)"
                    + "(?:, (?<lines>\\w+) (?<tint>\\w+))?)?");
    private static final Pattern ENTRY = Pattern.compile(
            "(?<kind>[thpsrcfl])(?<about>\\^)?(?:>(?<zone>\\w+))?(?:~(?<beside>\\d))? (?<codes>\\S+)(?<half> half)?(?: \"(?<caption>[^\"]*)\")?(?: (?<maker>\\w+):(?<subject>\\w+))?");
    private static final int LINES_APART_MM = 8;
    private static final List<String> DAYS = List.of("mon", "tue", "wed", "thu", "fri", "sat", "sun");

    /** A page on one of the standard patterns, by its name. */
    record Page(
            String topic,
            String title,
            int week,
            int day,
            notchbook.core.notebook.Pattern pattern,
            Paper paper,
            List<Entry> entries) {}

    record Entry(
            char kind,
            boolean isAboutLast,
            Optional<String> zone,
            Optional<Integer> beside,
            List<String> codes,
            boolean isHalf,
            String caption,
            String maker,
            String subject,
            List<String> lines) {}

    static Outline read(String name) {
        var pages = new ArrayList<Page>();
        for (var line : text(name).lines().toList()) {
            if (line.startsWith("#")) {
                pages.add(page(line));
            } else if (line.startsWith("  ")) {
                pages.getLast().entries().getLast().lines().add(line.strip());
            } else if (!line.isBlank()) {
                pages.getLast().entries().add(entry(line));
            }
        }
        return new Outline(pages);
    }

    static String text(String name) {
        try (var in = Objects.requireNonNull(Outline.class.getResourceAsStream("/demo/" + name), name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static Page page(String line) {
        var match = PAGE.matcher(line);
        if (!match.matches()) {
            throw new IllegalArgumentException("This is no page: " + line);
        }
        return new Page(
                match.group("topic"),
                match.group("title"),
                Integer.parseInt(match.group("week")),
                DAYS.indexOf(match.group("day")),
                pattern(match.group("pattern")),
                match.group("lines") == null
                        ? Paper.PLAIN
                        : new Paper(
                                Paper.Lines.valueOf(match.group("lines").toUpperCase(Locale.ROOT)),
                                LINES_APART_MM,
                                Paper.Tint.valueOf(match.group("tint").toUpperCase(Locale.ROOT))),
                new ArrayList<>());
    }

    private static notchbook.core.notebook.Pattern pattern(@Nullable String name) {
        return Patterns.STANDARD.stream()
                .filter(pattern -> pattern.name().equals(name))
                .findFirst()
                .orElse(Patterns.FREE);
    }

    private static Entry entry(String line) {
        var match = ENTRY.matcher(line);
        if (!match.matches()) {
            throw new IllegalArgumentException("This is no entry: " + line);
        }
        return new Entry(
                match.group("kind").charAt(0),
                match.group("about") != null,
                Optional.ofNullable(match.group("zone")),
                Optional.ofNullable(match.group("beside")).map(Integer::valueOf),
                match.group("codes").equals("-")
                        ? List.of()
                        : List.of(match.group("codes").split(",")),
                match.group("half") != null,
                Objects.requireNonNullElse(match.group("caption"), ""),
                Objects.requireNonNullElse(match.group("maker"), ""),
                Objects.requireNonNullElse(match.group("subject"), ""),
                new ArrayList<>());
    }
}
