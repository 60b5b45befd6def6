package notchbook.formats.file;

import java.nio.file.Path;
import java.util.List;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.Table;

/** The beginning of a file, for a look at what it is; {@code isCut} when there is more of it. */
public record FileLook(Document start, boolean isCut) {
    /** A few screens of text. */
    private static final int MOST_BLOCKS = 120;

    private static final int MOST_ROWS = 60;

    /** Looks into a file that holds text or a table; an {@link IllegalArgumentException} says why it can't be looked into. */
    public static FileLook into(String name, Path file) {
        var blocks = FileText.read(name, file, Extent.WHAT_FITS).blocks();
        var start = blocks.stream().limit(MOST_BLOCKS).map(FileLook::start).toList();
        return new FileLook(new Document(start), !start.equals(blocks) || isFull(blocks));
    }

    private static Block start(Block block) {
        return block instanceof Table table && table.rows().size() > MOST_ROWS
                ? new Table(table.rows().subList(0, MOST_ROWS))
                : block;
    }

    /** A table that fills all the rows or columns that it may have was most likely cut. */
    private static boolean isFull(List<Block> blocks) {
        return blocks.stream()
                .anyMatch(block -> block instanceof Table table
                        && !table.rows().isEmpty()
                        && table.rows().getFirst().size() == Table.MOST_COLUMNS);
    }
}
