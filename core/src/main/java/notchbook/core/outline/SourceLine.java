package notchbook.core.outline;

/**
 * A line as it stands in a document: counted from 1, on a page counted from 0, with its indent in widths of a letter. A tab
 * in its text parts two cells of a table. {@code isProminent} when it is larger or bolder than most.
 */
public record SourceLine(int number, int page, double indent, boolean isAfterGap, boolean isProminent, String text) {
    SourceLine saying(String newText) {
        return new SourceLine(number, page, indent, isAfterGap, isProminent, newText);
    }
}
