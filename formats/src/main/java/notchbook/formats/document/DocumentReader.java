package notchbook.formats.document;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Cell;
import notchbook.core.text.Document.CheckItem;
import notchbook.core.text.Document.CheckList;
import notchbook.core.text.Document.Formula;
import notchbook.core.text.Document.FormulaBlock;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.LineBreak;
import notchbook.core.text.Document.Link;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Passage;
import notchbook.core.text.Document.Quotation;
import notchbook.core.text.Document.Said;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Table;
import notchbook.core.text.Document.Text;
import tools.jackson.databind.JsonNode;

/** Reads ProseMirror JSON into a document and refuses whatever a document has no place for. */
final class DocumentReader {
    /** Lists, quotations and cells within each other; deeper than any note, shallow enough for every reader. */
    private static final int DEEPEST = 12;

    static final Map<String, Style> STYLES = Map.of(
            "bold", Style.BOLD,
            "italic", Style.ITALIC,
            "underline", Style.UNDERLINE,
            "subscript", Style.SUBSCRIPT,
            "superscript", Style.SUPERSCRIPT);

    static final Map<String, Highlight> COLOURS = Map.of(
            "yellow", Highlight.YELLOW, "green", Highlight.GREEN, "blue", Highlight.BLUE, "rose", Highlight.ROSE);

    private int depth;

    Document read(JsonNode json) {
        require(type(json).equals("doc"), "Typed text begins with a \"doc\", not with \"" + type(json) + "\".");
        return new Document(blocks(json));
    }

    private List<Block> blocks(JsonNode parent) {
        depth++;
        require(depth <= DEEPEST + 1, "Lists, quotations and tables can be nested 12 deep, no deeper.");
        var blocks = each(parent, this::block);
        depth--;
        return blocks;
    }

    private Block block(JsonNode node) {
        return switch (type(node)) {
            case "paragraph" -> new Paragraph(each(node, this::inline));
            case "heading" -> new Heading(number(node, "level", 1), each(node, this::inline));
            case "bulletList" -> new BulletList(each(node, item -> blocks(only("listItem", item))));
            case "orderedList" ->
                new NumberedList(number(node, "start", 1), each(node, item -> blocks(only("listItem", item))));
            case "taskList" -> new CheckList(each(node, item -> checkItem(only("taskItem", item))));
            case "blockquote" -> new Quotation(string(node, "source"), blocks(node));
            case "table" -> new Table(each(node, row -> each(only("tableRow", row), this::cell)));
            case "blockMath" -> new FormulaBlock(string(node, "latex"));
            default -> throw refused(node);
        };
    }

    private CheckItem checkItem(JsonNode node) {
        return new CheckItem(node.path("attrs").path("checked").asBoolean(false), blocks(node));
    }

    private Cell cell(JsonNode node) {
        var isHeader = type(node).equals("tableHeader");
        if (!isHeader) {
            only("tableCell", node);
        }
        return new Cell(isHeader, span(node, "colspan"), span(node, "rowspan"), blocks(node));
    }

    private static int span(JsonNode node, String name) {
        var span = number(node, name, 1);
        require(span >= 1 && span <= Table.MOST_ROWS, "A cell can't be over " + span + " others.");
        return span;
    }

    private Inline inline(JsonNode node) {
        return switch (type(node)) {
            case "text" -> new Text(text(node), marks(node));
            case "hardBreak" -> new LineBreak();
            case "inlineMath" -> new Formula(string(node, "latex"));
            default -> throw refused(node);
        };
    }

    private static String text(JsonNode node) {
        require(node.path("text").isString(), "A piece of text has to hold text.");
        return node.path("text").stringValue();
    }

    private static Set<Mark> marks(JsonNode node) {
        var marks = new HashSet<Mark>();
        node.path("marks").forEach(mark -> marks.add(mark(mark)));
        return Set.copyOf(marks);
    }

    private static Mark mark(JsonNode node) {
        return switch (type(node)) {
            case "link" -> new Link(string(node, "href"));
            case "highlight" -> highlight(string(node, "color"));
            case "passage" -> passage(string(node, "id"));
            case "said" -> said(node);
            default -> {
                if (!STYLES.containsKey(type(node))) {
                    throw refused(node);
                }
                yield STYLES.get(type(node));
            }
        };
    }

    /** A highlight without a colour is yellow. */
    private static Highlight highlight(String colour) {
        require(colour.isEmpty() || COLOURS.containsKey(colour), "There is no highlighter in \"" + colour + "\".");
        return COLOURS.getOrDefault(colour, Highlight.YELLOW);
    }

    private static Passage passage(String id) {
        return new Passage(id(id, "passage"));
    }

    private static Said said(JsonNode node) {
        var at = node.path("attrs").path("at");
        require(at.isIntegralNumber(), "A moment of a recording is a number of milliseconds.");
        return new Said(id(string(node, "recording"), "recording"), at.asLong());
    }

    private static UUID id(String id, String of) {
        require(id.matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}"), "\"%s\" names no %s.".formatted(id, of));
        return UUID.fromString(id);
    }

    private static <T> List<T> each(JsonNode node, Function<JsonNode, T> read) {
        var content = node.path("content");
        require(
                content.isMissingNode() || content.isArray(),
                "The content of \"" + type(node) + "\" has to be a list.");
        var all = new ArrayList<T>();
        content.forEach(child -> all.add(read.apply(child)));
        return all;
    }

    private static JsonNode only(String type, JsonNode node) {
        if (!type(node).equals(type)) {
            throw refused(node);
        }
        return node;
    }

    private static int number(JsonNode node, String name, int otherwise) {
        return node.path("attrs").path(name).asInt(otherwise);
    }

    private static String string(JsonNode node, String name) {
        return node.path("attrs").path(name).asString("");
    }

    private static String type(JsonNode node) {
        return node.path("type").asString("");
    }

    private static IllegalArgumentException refused(JsonNode node) {
        return new IllegalArgumentException("\"" + type(node) + "\" has no place in typed text here.");
    }

    private static void require(boolean holds, String message) {
        if (!holds) {
            throw new IllegalArgumentException(message);
        }
    }
}
