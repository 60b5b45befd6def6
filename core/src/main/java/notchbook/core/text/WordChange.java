package notchbook.core.text;

import com.github.difflib.DiffUtils;
import com.ibm.icu.text.BreakIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** How a text became another, word by word: parts in reading order that stayed, went or came. */
public record WordChange(List<Part> parts) {
    public enum Kind {
        KEPT,
        GONE,
        NEW
    }

    public record Part(Kind kind, String text) {}

    public static WordChange of(String before, String after) {
        var old = pieces(before);
        var change = new Building();
        var at = 0;
        for (var delta : DiffUtils.diff(old, pieces(after)).getDeltas()) {
            var source = delta.getSource();
            change.keep(join(old.subList(at, source.getPosition())));
            change.replace(join(source.getLines()), join(delta.getTarget().getLines()));
            at = source.getPosition() + source.size();
        }
        change.keep(join(old.subList(at, old.size())));
        return new WordChange(change.parts());
    }

    /** Joins changes that only a space keeps apart, so that a changed phrase reads as one. */
    private static final class Building {
        private final List<Part> parts = new ArrayList<>();
        private String gone = "";
        private String come = "";

        void keep(String text) {
            var isInAPhrase = text.isBlank() && !(gone.isEmpty() || come.isEmpty());
            if (isInAPhrase) {
                replace(text, text);
                return;
            }
            close();
            add(Kind.KEPT, text);
        }

        void replace(String old, String now) {
            gone += old;
            come += now;
        }

        List<Part> parts() {
            close();
            return List.copyOf(parts);
        }

        private void close() {
            add(Kind.GONE, gone);
            add(Kind.NEW, come);
            gone = "";
            come = "";
        }

        private void add(Kind kind, String text) {
            if (!text.isEmpty()) {
                parts.add(new Part(kind, text));
            }
        }
    }

    private static String join(List<String> pieces) {
        return String.join("", pieces);
    }

    /** Words, spaces and signs, each a piece, by Unicode word boundaries (UAX #29). */
    private static List<String> pieces(String text) {
        var boundaries = BreakIterator.getWordInstance(Locale.ROOT);
        boundaries.setText(text);
        var pieces = new ArrayList<String>();
        var start = boundaries.first();
        for (var end = boundaries.next(); end != BreakIterator.DONE; start = end, end = boundaries.next()) {
            pieces.add(text.substring(start, end));
        }
        return pieces;
    }
}
