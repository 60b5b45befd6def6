package notchbook.core.outline;

import static java.util.Locale.ROOT;
import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toUnmodifiableSet;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** Words over a list that say what the list is, and are no heading: "Students should be able to:". */
final class LeadIn {
    private static final Pattern WHO_SHOULD =
            Pattern.compile("(?is)(?=.*\\b(?:candidates?|students?|learners?|pupils?|you|they)\\b)"
                    + "(?=.*\\b(?:should|will|must|can|able to|need to|learn|know)\\b).*(?::|\\bto|…|\\.\\.\\.)");

    private static final Pattern WHAT =
            Pattern.compile("(?i)(?:learning )?(?:outcomes|objectives|content|knowledge)\\s*:?");

    /** What a syllabus tells candidates to do. */
    private static final Set<String> COMMANDS = Set.of(
            "analyse",
            "apply",
            "be",
            "calculate",
            "compare",
            "demonstrate",
            "describe",
            "discuss",
            "evaluate",
            "explain",
            "identify",
            "know",
            "learn",
            "list",
            "name",
            "outline",
            "recall",
            "recognise",
            "recognize",
            "show",
            "state",
            "study",
            "understand",
            "use");

    /** As many times the same words are no heading. */
    private static final int OFTEN = 3;

    private LeadIn() {}

    /** The pieces that are words over a list; the same words over list after list are so too, whatever they say. */
    static Set<Piece> among(List<Piece> pieces) {
        var times = pieces.stream()
                .filter(piece -> piece.marker().isEmpty())
                .collect(groupingBy(piece -> piece.text().toLowerCase(ROOT), counting()));
        return IntStream.range(0, pieces.size())
                .filter(i -> pieces.get(i).marker().isEmpty())
                .filter(i -> is(pieces.get(i).text())
                        || times.get(pieces.get(i).text().toLowerCase(ROOT)) >= OFTEN && isOverList(pieces, i))
                .mapToObj(pieces::get)
                .collect(toUnmodifiableSet());
    }

    private static boolean isOverList(List<Piece> pieces, int at) {
        return !Annotations.isAlone(pieces.get(at).text())
                && at + 1 < pieces.size()
                && pieces.get(at + 1).marker().isPresent();
    }

    private static boolean is(String text) {
        return WHO_SHOULD.matcher(text).matches() || WHAT.matcher(text).matches() || isCommand(text);
    }

    private static boolean isCommand(String text) {
        return text.endsWith(":") && COMMANDS.contains(text.split("[ ,:]", 2)[0].toLowerCase(ROOT));
    }
}
