package notchbook.core.outline;

import static java.util.stream.Stream.concat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import notchbook.core.outline.Levels.Placed;
import notchbook.core.syllabus.Tier;

/** What a document says as a syllabus: its title, empty when it has none, its lines, and what was left out of it. */
public record Outline(String title, List<OutlineLine> lines, List<LeftOut> leftOut) {
    /**
     * Reads an outline from the lines of a document: clears it of what is printed on each page, joins broken lines, and
     * gives each a level by its number, else its indent, else its bullet (docs/rules.md, "Outline from text").
     */
    public static Outline of(List<SourceLine> lines) {
        if (lines.isEmpty()) {
            return new Outline("", List.of(), List.of());
        }
        var cleared = Furniture.clear(lines);
        var levels = Levels.of(Pieces.of(cleared.lines()));
        var leftOut =
                concat(cleared.leftOut().stream(), levels.leftOut().stream()).toList();
        return withTitle(levels.placed(), leftOut);
    }

    /** Lines without numbers over everything else, or before the first unit that has one, are the title of it all. */
    private static Outline withTitle(List<Placed> placed, List<LeftOut> leftOut) {
        var titles = titles(placed);
        var rest = placed.stream().skip(titles).toList();
        var top = titles == 0 ? 0 : depths(rest).min().orElse(0);
        var body = rest.stream().map(one -> one.at(one.depth() - top)).toList();
        var title = placed.stream()
                .limit(titles)
                .map(one -> one.piece().text())
                .filter(text -> !text.endsWith(","))
                .findFirst()
                .orElse("");
        return new Outline(title, Shares.given(lines(body), body), leftOut);
    }

    private static int titles(List<Placed> placed) {
        var unmarked =
                placed.stream().takeWhile(one -> one.piece().marker().isEmpty()).toList();
        var rest = placed.stream().skip(unmarked.size()).toList();
        var top = depths(rest).min().orElse(0);
        var isDeep = depths(rest).max().orElse(0) > top;
        var over = (int) unmarked.stream().takeWhile(one -> one.depth() < top).count();
        var isBeforeAll = top == 0
                && !rest.isEmpty()
                && rest.stream()
                        .filter(one -> one.depth() == 0)
                        .allMatch(one -> one.piece().marker().isPresent());
        return isBeforeAll ? unmarked.size() : isDeep ? over : 0;
    }

    private static IntStream depths(List<Placed> placed) {
        return placed.stream().mapToInt(Placed::depth);
    }

    private static List<OutlineLine> lines(List<Placed> placed) {
        var lines = new ArrayList<OutlineLine>();
        for (var i = 0; i < placed.size(); i++) {
            var one = placed.get(i);
            var isGroup = isGroup(placed, i);
            var said = Annotations.of(one.piece().text(), isGroup);
            lines.add(new OutlineLine(
                    one.depth(),
                    one.piece().marker().map(Outline::number).orElse(""),
                    said.text(),
                    "",
                    said.tier().or(one::tier).orElse(Tier.CORE),
                    said.years(),
                    one.note(),
                    said.text().isEmpty()
                            ? Optional.of("This number has no words. Are they missing, or is it none?")
                            : one.question()));
        }
        return lines;
    }

    static boolean isGroup(List<Placed> placed, int at) {
        return placed.get(at).depth() == 0
                || at + 1 < placed.size()
                        && placed.get(at + 1).depth() > placed.get(at).depth();
    }

    private static String number(Marker marker) {
        return marker instanceof Marker.Bullet ? "" : marker.written();
    }
}
