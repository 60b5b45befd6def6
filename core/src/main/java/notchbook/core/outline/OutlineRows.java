package notchbook.core.outline;

import static java.util.Locale.ROOT;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import notchbook.core.syllabus.SyllabusRow;
import notchbook.core.syllabus.Tier;

/**
 * The rows of a syllabus that the lines of an outline make: each under the line above it that is less deep; what holds others
 * has a title, what holds none a statement. A code is the number as it was written; where that is short of its parents, or
 * there is none, it goes on from the parent's.
 */
public final class OutlineRows {
    private final List<OutlineLine> lines;
    private final Set<String> taken = new HashSet<>();
    private final Map<String, Integer> children = new HashMap<>();

    private OutlineRows(List<OutlineLine> lines) {
        this.lines = lines;
    }

    public static List<SyllabusRow> of(List<OutlineLine> lines) {
        return new OutlineRows(lines).rows();
    }

    private List<SyllabusRow> rows() {
        var rows = new ArrayList<SyllabusRow>();
        var parents = new ArrayList<String>();
        for (var i = 0; i < lines.size(); i++) {
            var line = lines.get(i);
            while (parents.size() > line.depth()) {
                parents.removeLast();
            }
            var parent = parents.isEmpty() ? "" : parents.getLast();
            var code = code(parent, line.number());
            var isPoint = !parent.isEmpty()
                    && (i + 1 == lines.size() || lines.get(i + 1).depth() <= line.depth());
            rows.add(new SyllabusRow(
                    i + 1,
                    Optional.empty(),
                    "",
                    code,
                    parent,
                    isPoint ? "" : line.text(),
                    isPoint ? line.text() : "",
                    line.weight(),
                    line.tier() == Tier.CORE ? "" : line.tier().name().toLowerCase(ROOT),
                    line.years(),
                    line.note()));
            // A line that stands several levels deeper than the one above it is only one deeper.
            parents.add(code);
        }
        return rows;
    }

    private String code(String parent, String number) {
        var place = children.merge(parent, 1, Integer::sum);
        var written =
                Optional.of(number.replaceFirst("^\\p{L}+[ -]+(?=\\S)", "")).filter(one -> !one.isEmpty());
        return written.filter(one -> parent.isEmpty() || isWhole(one))
                .filter(taken::add)
                .or(() -> written.map(one -> under(parent, one)).filter(taken::add))
                .orElseGet(() -> free(parent, place));
    }

    /** "2.3" says where it stands; "3" and "(c)" don't. */
    private static boolean isWhole(String number) {
        return number.matches(".*\\d.*[.a-z].*|[A-Z]+-?\\d+.*");
    }

    private static String under(String parent, String number) {
        var isParted = parent.isEmpty()
                || Character.isLetter(parent.charAt(parent.length() - 1)) == Character.isLetter(number.charAt(0));
        return parent + (isParted && !parent.isEmpty() ? "." : "") + number;
    }

    /** The next code under a parent that none has: letters after a number, numbers after a letter. */
    private String free(String parent, int place) {
        for (var at = place; ; at++) {
            var code = under(
                    parent,
                    parent.isEmpty() || !Character.isDigit(parent.charAt(parent.length() - 1))
                            ? String.valueOf(at)
                            : letters(at));
            if (taken.add(code)) {
                return code;
            }
        }
    }

    private static String letters(int place) {
        return place <= 26
                ? String.valueOf((char) ('a' + place - 1))
                : letters((place - 1) / 26) + (char) ('a' + (place - 1) % 26);
    }
}
