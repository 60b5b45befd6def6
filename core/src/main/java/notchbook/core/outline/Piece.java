package notchbook.core.outline;

import java.util.Optional;

/**
 * Lines of a document that are one: its marker, its words, what a table says beside them, and whether joining them was
 * unsure.
 */
record Piece(SourceLine first, SourceLine last, Optional<Marker> marker, String text, String note, boolean isUnsure) {
    /** The same with a further line; a word that was parted at the end of the line is one again where {@code hyphen} says so. */
    Piece joined(SourceLine line, String more, String moreNote, Hyphen hyphen) {
        return new Piece(first, line, marker, hyphen.join(text, more), (note + " " + moreNote).strip(), isUnsure);
    }

    Piece unsure() {
        return new Piece(first, last, marker, text, note, true);
    }

    double indent() {
        return first.indent();
    }

    boolean isUnfinished() {
        return !text.isEmpty() && !text.matches("(?s).*[.;:?!]");
    }

    /** How much a line without a marker stands out: by its size, by capitals. */
    int prominence() {
        var isCapitals = text.length() > 2
                && text.equals(text.toUpperCase(java.util.Locale.ROOT))
                && text.matches(".*\\p{Lu}{2}.*");
        return (first.isProminent() ? 2 : 0) + (isCapitals ? 1 : 0);
    }
}
