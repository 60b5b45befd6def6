package notchbook.core.outline;

import java.util.List;

/**
 * A level that is open: what marks it, how deep it is, which of its kind was last; the {@code path} of a number; how much a
 * line without one stands out.
 */
record Open(String style, int depth, int ordinal, List<String> path, double indent, boolean isList, int prominence) {
    /** The style of lines without a marker. */
    static final String TEXT = "text";

    /** Whether it is a line without a marker. */
    boolean isHeading() {
        return style.equals(TEXT);
    }
}
