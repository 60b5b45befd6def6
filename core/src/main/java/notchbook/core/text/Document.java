package notchbook.core.text;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Typed text as a tree of blocks; what is not in this tree can't be in a notebook. */
public record Document(List<Block> blocks) {
    public static final Document EMPTY = new Document(List.of());

    public Document {
        blocks = List.copyOf(blocks);
    }

    /** One block below another. */
    public sealed interface Block {}

    /** The quotations that stand in it by themselves, in order. */
    public List<Quotation> quotations() {
        return blocks.stream()
                .filter(Quotation.class::isInstance)
                .map(Quotation.class::cast)
                .toList();
    }

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

    /** A list to tick off. */
    public record CheckList(List<CheckItem> items) implements Block {}

    public record CheckItem(boolean isDone, List<Block> content) {}

    /** Somebody else's words, with where they are from (blank when it was not said). */
    public record Quotation(String source, List<Block> content) implements Block {
        public static final int LONGEST_SOURCE = 300;

        public Quotation {
            if (source.length() > LONGEST_SOURCE) {
                throw new IllegalArgumentException("Say where a quotation is from in up to 300 characters.");
            }
        }
    }

    /** A table of rows of cells; no row is longer than {@link #MOST_COLUMNS}, no table than {@link #MOST_ROWS}. */
    public record Table(List<List<Cell>> rows) implements Block {
        /** More do not fit a page, on screen or on paper. */
        public static final int MOST_COLUMNS = 30;

        /** A term of measurements; more belongs in an attached file. */
        public static final int MOST_ROWS = 1_000;

        public Table {
            if (rows.size() > MOST_ROWS || rows.stream().anyMatch(row -> row.size() > MOST_COLUMNS)) {
                throw new IllegalArgumentException(
                        "A table has up to 30 columns and 1,000 rows. Attach a larger one as a file.");
            }
        }
    }

    /** A cell of a table over {@code columns} columns and {@code rows} rows, 1 unless cells were joined. */
    public record Cell(boolean isHeader, int columns, int rows, List<Block> content) {}

    /** A formula on a line of its own, as TeX. */
    public record FormulaBlock(String tex) implements Block {
        public FormulaBlock {
            requireShort(tex);
        }
    }

    /** What stands in a line of text. */
    public sealed interface Inline {
        /** The words alone. */
        String words();
    }

    public record Text(String text, Set<Mark> marks) implements Inline {
        @Override
        public String words() {
            return text;
        }
    }

    public record LineBreak() implements Inline {
        @Override
        public String words() {
            return "\n";
        }
    }

    /** A formula within a line, as TeX. */
    public record Formula(String tex) implements Inline {
        public Formula {
            requireShort(tex);
        }

        @Override
        public String words() {
            return tex;
        }
    }

    /** What is laid over a piece of text. */
    public sealed interface Mark {}

    public enum Style implements Mark {
        BOLD,
        ITALIC,
        UNDERLINE,
        SUBSCRIPT,
        SUPERSCRIPT
    }

    /** The four colours of highlighter. */
    public enum Highlight implements Mark {
        YELLOW,
        GREEN,
        BLUE,
        ROSE
    }

    /**
     * A link to the web, to a mail address, to a spot on a picture (#spot- and its id) or to a thing that is cited (#thing- and its id); a
     * notebook can follow no other.
     */
    public record Link(String address) implements Mark {
        private static final int LONGEST = 2_000;
        private static final Pattern FOLLOWED =
                Pattern.compile("(https?://|mailto:).+|#(spot|thing)-[0-9a-f-]{36}", Pattern.CASE_INSENSITIVE);

        private static final Pattern THING =
                Pattern.compile("#thing-(\\p{XDigit}{8}(?:-\\p{XDigit}{4}){3}-\\p{XDigit}{12})");

        public Link {
            if (!FOLLOWED.matcher(address).matches() || address.length() > LONGEST) {
                throw new IllegalArgumentException(
                        "A link leads to a web page or a mail address, not to \"" + shortened(address) + "\".");
            }
        }

        public static Link citing(UUID thing) {
            return new Link("#thing-" + thing);
        }

        /** The thing that it cites; empty for other links. */
        Optional<UUID> thing() {
            return Optional.of(THING.matcher(address))
                    .filter(Matcher::matches)
                    .map(found -> UUID.fromString(found.group(1)));
        }

        private static String shortened(String address) {
            return address.length() > 60 ? address.substring(0, 60) + "…" : address;
        }
    }

    /** A span of text that something refers to: a mark, a note beside it, a copy made elsewhere. */
    public record Passage(UUID id) implements Mark {}

    /** Text that was written while a recording ran, at a moment of its sound in ms; the recording by its entry. */
    public record Said(UUID recording, long atMillis) implements Mark {
        public Said {
            if (atMillis < 0) {
                throw new IllegalArgumentException("A moment of a recording can't lie before its start.");
            }
        }
    }

    private static final int LONGEST_FORMULA = 2_000;

    private static void requireShort(String tex) {
        if (tex.length() > LONGEST_FORMULA) {
            throw new IllegalArgumentException("A formula has up to 2,000 characters. Write it as two.");
        }
    }

    /** The lines of text in reading order: what each paragraph, heading and cell holds. */
    public List<TextLine> lines() {
        return blocks.stream().flatMap(block -> lines(block, false)).toList();
    }

    private static Stream<TextLine> lines(Block block, boolean isQuoted) {
        return switch (block) {
            case Paragraph paragraph -> Stream.of(new TextLine(paragraph.content(), isQuoted));
            case Heading heading -> Stream.of(new TextLine(heading.content(), isQuoted));
            case BulletList list -> list.items().stream().flatMap(item -> lines(item, isQuoted));
            case NumberedList list -> list.items().stream().flatMap(item -> lines(item, isQuoted));
            case CheckList list -> list.items().stream().flatMap(item -> lines(item.content(), isQuoted));
            case Quotation quotation -> lines(quotation.content(), true);
            case Table table ->
                table.rows().stream().flatMap(List::stream).flatMap(cell -> lines(cell.content(), isQuoted));
            case FormulaBlock formula -> Stream.of(new TextLine(List.of(new Formula(formula.tex())), isQuoted));
        };
    }

    private static Stream<TextLine> lines(List<Block> blocks, boolean isQuoted) {
        return blocks.stream().flatMap(block -> lines(block, isQuoted));
    }

    /** The words alone, a line for each block and for each row of a table. */
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
            case CheckList list ->
                items(list.items().stream().map(CheckItem::content).toList());
            case Quotation quotation ->
                plain(quotation.content()) + (quotation.source().isBlank() ? "" : "\n" + quotation.source());
            case Table table -> table.rows().stream().map(Document::row).collect(Collectors.joining("\n"));
            case FormulaBlock formula -> formula.tex();
        };
    }

    private static String row(List<Cell> row) {
        return row.stream().map(cell -> plain(cell.content())).collect(Collectors.joining("\t"));
    }

    private static String items(List<List<Block>> items) {
        return items.stream().map(Document::plain).collect(Collectors.joining("\n"));
    }

    private static String inline(List<Inline> content) {
        return content.stream().map(Inline::words).collect(Collectors.joining());
    }
}
