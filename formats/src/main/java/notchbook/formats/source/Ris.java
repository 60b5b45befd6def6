package notchbook.formats.source;

import static java.util.stream.Collectors.joining;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import notchbook.core.source.Cited;
import notchbook.core.source.Published;
import notchbook.core.source.Source;
import notchbook.core.source.SourceKind;

/** References as RIS: a tag and a value on each line. */
public final class Ris {
    private static final Pattern LINE = Pattern.compile("([A-Z][A-Z0-9]) {2}- ?(.*)");

    /** As many as a source has. */
    private static final int MOST_AUTHORS = 30;

    private Ris() {}

    /** The references of a file; tags that tell nothing of a source are passed over. */
    static List<Cited> read(String file) {
        var found = new ArrayList<Cited>();
        var tags = new LinkedHashMap<String, List<String>>();
        file.lines().map(LINE::matcher).filter(Matcher::matches).forEach(line -> {
            var value = CslItems.text(line.group(2));
            if (line.group(1).equals("ER")) {
                found.add(cited(tags));
                tags.clear();
            } else if (!value.isEmpty()) {
                tags.computeIfAbsent(line.group(1), any -> new ArrayList<>()).add(value);
            }
        });
        return found;
    }

    private static Cited cited(Map<String, List<String>> tags) {
        return new Cited(
                UUID.randomUUID(),
                first(tags, "TI", "T1"),
                Optional.of(first(tags, "UR", "L2")).filter(url -> !url.isEmpty()),
                new Source(
                        kind(first(tags, "TY")),
                        Stream.of("AU", "A1")
                                .flatMap(tag -> tags.getOrDefault(tag, List.of()).stream())
                                .map(CslItems::cut)
                                .limit(MOST_AUTHORS)
                                .toList(),
                        CslItems.readable(first(tags, "DA", "PY", "Y1").replaceAll("/+[^/0-9]*$", "")),
                        CslItems.cut(first(tags, "T2", "JO", "JF", "PB")),
                        "",
                        Optional.of(CslItems.readable(first(tags, "Y2")))
                                .filter(day -> Published.parts(day).size() == 3)
                                .map(LocalDate::parse),
                        Optional.empty(),
                        List.of()));
    }

    private static String first(Map<String, List<String>> tags, String... names) {
        return Stream.of(names)
                .flatMap(name -> tags.getOrDefault(name, List.of()).stream())
                .findFirst()
                .orElse("");
    }

    private static SourceKind kind(String type) {
        return switch (type) {
            case "BOOK", "CHAP", "EBOOK", "RPRT", "THES" -> SourceKind.BOOK;
            case "JOUR", "EJOUR", "CONF" -> SourceKind.ARTICLE;
            case "NEWS", "MGZN" -> SourceKind.NEWS;
            case "VIDEO", "MPCT", "ADVS" -> SourceKind.FILM;
            case "FIGURE", "ART", "MAP" -> SourceKind.PICTURE;
            case "PCOMM" -> SourceKind.TALK;
            case "DATA", "AGGR" -> SourceKind.DATA;
            default -> SourceKind.WEB_PAGE;
        };
    }

    public static String write(List<Cited> all) {
        return all.stream().map(Ris::reference).collect(joining("\r\n"));
    }

    private static String reference(Cited cited) {
        var source = cited.source();
        return Stream.of(
                        Stream.of(line("TY", type(source.kind())), line("TI", cited.title())),
                        source.authors().stream().map(name -> line("AU", name)),
                        Stream.of(
                                line("PY", source.published().replace('-', '/')),
                                line(source.kind() == SourceKind.BOOK ? "PB" : "T2", source.where()),
                                line("UR", cited.address().orElse("")),
                                line(
                                        "Y2",
                                        source.lookedAt()
                                                .map(day -> day.toString().replace('-', '/'))
                                                .orElse("")),
                                "ER  - \r\n"))
                .flatMap(lines -> lines)
                .collect(joining());
    }

    private static String line(String tag, String value) {
        var words = CslItems.text(value);
        return words.isEmpty() ? "" : tag + "  - " + words + "\r\n";
    }

    private static String type(SourceKind kind) {
        return switch (kind) {
            case WEB_PAGE -> "ELEC";
            case BOOK -> "BOOK";
            case ARTICLE -> "JOUR";
            case NEWS -> "NEWS";
            case FILM -> "VIDEO";
            case PICTURE -> "FIGURE";
            case TALK -> "PCOMM";
            case DATA -> "DATA";
        };
    }
}
