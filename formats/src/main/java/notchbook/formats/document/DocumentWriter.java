package notchbook.formats.document;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
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
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes a document as ProseMirror JSON. */
final class DocumentWriter {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private DocumentWriter() {}

    static ObjectNode write(Document document) {
        return node("doc", document.blocks(), DocumentWriter::block);
    }

    private static ObjectNode block(Block block) {
        return switch (block) {
            case Paragraph paragraph -> node("paragraph", paragraph.content(), DocumentWriter::inline);
            case Heading heading ->
                with(node("heading", heading.content(), DocumentWriter::inline), "level", heading.level());
            case BulletList list -> node("bulletList", list.items(), DocumentWriter::item);
            case NumberedList list ->
                with(node("orderedList", list.items(), DocumentWriter::item), "start", list.start());
            case CheckList list -> node("taskList", list.items(), DocumentWriter::checkItem);
            case Quotation quotation ->
                with(node("blockquote", quotation.content(), DocumentWriter::block), "source", quotation.source());
            case Table table -> node("table", table.rows(), row -> node("tableRow", row, DocumentWriter::cell));
            case FormulaBlock formula -> with(node("blockMath"), "latex", formula.tex());
        };
    }

    private static ObjectNode item(List<Block> item) {
        return node("listItem", item, DocumentWriter::block);
    }

    private static ObjectNode checkItem(CheckItem item) {
        var node = node("taskItem", item.content(), DocumentWriter::block);
        attributes(node).put("checked", item.isDone());
        return node;
    }

    private static ObjectNode cell(Cell cell) {
        var node = node(cell.isHeader() ? "tableHeader" : "tableCell", cell.content(), DocumentWriter::block);
        return with(with(node, "colspan", cell.columns()), "rowspan", cell.rows());
    }

    private static ObjectNode inline(Inline inline) {
        return switch (inline) {
            case LineBreak ignored -> node("hardBreak");
            case Formula formula -> with(node("inlineMath"), "latex", formula.tex());
            case Text text -> {
                var node = node("text").put("text", text.text());
                if (!text.marks().isEmpty()) {
                    node.set("marks", NODES.arrayNode().addAll(marks(text.marks())));
                }
                yield node;
            }
        };
    }

    private static List<ObjectNode> marks(Set<Mark> marks) {
        return marks.stream()
                .map(DocumentWriter::mark)
                .sorted(Comparator.comparing(ObjectNode::toString))
                .toList();
    }

    private static ObjectNode mark(Mark mark) {
        return switch (mark) {
            case Style style -> node(name(DocumentReader.STYLES, style));
            case Highlight highlight -> with(node("highlight"), "color", name(DocumentReader.COLOURS, highlight));
            case Passage passage -> with(node("passage"), "id", passage.id().toString());
            case Said said -> said(said);
            case Link link -> with(node("link"), "href", link.address());
        };
    }

    private static ObjectNode said(Said said) {
        var node = with(node("said"), "recording", said.recording().toString());
        attributes(node).put("at", said.atMillis());
        return node;
    }

    private static <T> String name(Map<String, T> names, T value) {
        return names.entrySet().stream()
                .filter(entry -> entry.getValue().equals(value))
                .findFirst()
                .orElseThrow()
                .getKey();
    }

    private static ObjectNode node(String type) {
        return NODES.objectNode().put("type", type);
    }

    private static <T> ObjectNode node(String type, Collection<T> content, Function<T, ObjectNode> write) {
        var node = node(type);
        if (!content.isEmpty()) {
            node.set(
                    "content",
                    NODES.arrayNode().addAll(content.stream().map(write).toList()));
        }
        return node;
    }

    private static ObjectNode with(ObjectNode node, String name, int value) {
        attributes(node).put(name, value);
        return node;
    }

    private static ObjectNode with(ObjectNode node, String name, String value) {
        attributes(node).put(name, value);
        return node;
    }

    private static ObjectNode attributes(ObjectNode node) {
        return node.has("attrs") ? (ObjectNode) node.get("attrs") : node.putObject("attrs");
    }
}
