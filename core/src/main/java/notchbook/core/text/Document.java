package notchbook.core.text;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Typed text as a tree of blocks; what is not in this tree can't be in a notebook. */
public record Document(List<Block> blocks) {
    public static final Document EMPTY = new Document(List.of());

    public Document {
        blocks = List.copyOf(blocks);
    }

    /** One block below another. */
    public sealed interface Block {}

    public record Paragraph(List<Inline> content) implements Block {}

    /** A heading of level 1 to 3, below the page's own title. */
    public record Heading(int level, List<Inline> content) implements Block {
        public Heading {
            if (level < 1 || level > 3) {
                throw new IllegalArgumentException("A heading has a level from 1 to 3, not " + level + ".");
            }
        }
    }

    public record BulletList(List<List<Block>> items) implements Block {}

    /** A numbered list that begins with {@code start}. */
    public record NumberedList(int start, List<List<Block>> items) implements Block {}

    /** What stands in a line of text. */
    public sealed interface Inline {}

    public record Text(String text, Set<Mark> marks) implements Inline {}

    public record LineBreak() implements Inline {}

    public enum Mark {
        BOLD,
        ITALIC,
        HIGHLIGHT
    }

    /** The words alone, a line for each block. */
    public String plainText() {
        return plain(blocks);
    }

    public boolean isBlank() {
        return plainText().isBlank();
    }

    private static String plain(List<Block> blocks) {
        return blocks.stream().map(Document::plain).collect(Collectors.joining("\n"));
    }

    private static String plain(Block block) {
        return switch (block) {
            case Paragraph paragraph -> inline(paragraph.content());
            case Heading heading -> inline(heading.content());
            case BulletList list -> items(list.items());
            case NumberedList list -> items(list.items());
        };
    }

    private static String items(List<List<Block>> items) {
        return items.stream().map(Document::plain).collect(Collectors.joining("\n"));
    }

    private static String inline(List<Inline> content) {
        return content.stream()
                .map(part -> switch (part) {
                    case Text text -> text.text();
                    case LineBreak ignored -> "\n";
                })
                .collect(Collectors.joining());
    }
}
