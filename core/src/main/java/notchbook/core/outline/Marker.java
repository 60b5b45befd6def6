package notchbook.core.outline;

import java.util.List;
import java.util.Optional;

/** What stands at the start of a line and says where it belongs. */
sealed interface Marker {
    /** What it has in common with those of its neighbours: "Topic", a number in brackets, a bullet of one kind. */
    String style();

    /** As it is written, without what parts it from the text. */
    String written();

    /** "Unit 2", "Topic IV"; {@code rank} is how deep such a word usually stands, from 1. */
    record Named(String word, int rank, String number, String written) implements Marker {
        @Override
        public String style() {
            return word;
        }
    }

    /** "2", "2.3", "P2.3a": the parts of its path, with the sign that closes it, if any. */
    record Numbered(List<String> path, String close, String written) implements Marker {
        @Override
        public String style() {
            return "1".repeat(path.size()) + close;
        }

        /** Whether it has three parts or more, or begins with a letter: no number in a sentence looks like that. */
        boolean isCode() {
            return path.size() > 2 || path.size() > 1 && hasLetters();
        }

        boolean hasLetters() {
            return Character.isLetter(path.getFirst().charAt(0));
        }
    }

    /** "(a)", "iv.", "B)": a letter, a Roman number, or what may be either. */
    record Sign(String brackets, boolean isUpper, Optional<Integer> asLetter, Optional<Integer> asRoman, String written)
            implements Marker {
        @Override
        public String style() {
            return brackets + (isUpper ? "A" : "a");
        }
    }

    record Bullet(String written) implements Marker {
        @Override
        public String style() {
            return written;
        }
    }
}
