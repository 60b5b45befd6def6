package notchbook.formats.document;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.BulletList;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Inline;
import notchbook.core.text.Document.LineBreak;
import notchbook.core.text.Document.Mark;
import notchbook.core.text.Document.NumberedList;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Text;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Typed text as ProseMirror JSON. Reading is the schema check: a node, mark or attribute that a {@link Document} has no
 * place for is refused, so nothing else can ever be stored.
 */
public final class DocumentJson {
    /** Lists within lists; deeper than any note, shallow enough for every reader. */
    private static final int DEEPEST = 12;

    /** A paragraph of 20,000 words and its notes fit ten times. */
    private static final int MOST_CHARACTERS = 2_000_000;

    private static final Map<String, Mark> MARKS =
            Map.of("bold", Mark.BOLD, "italic", Mark.ITALIC, "highlight", Mark.HIGHLIGHT);
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private DocumentJson() {}

    /** Reads and checks a document; an {@link IllegalArgumentException} says what does not belong. */
    public static Document read(JsonNode json) {
        require(type(json).equals("doc"), "Typed text begins with a \"doc\", not with \"" + type(json) + "\".");
        var document = new Document(blocks(json, 0));
        require(
                document.plainText().length() <= MOST_CHARACTERS,
                "This text is longer than 2,000,000 characters. Begin a second entry.");
        return document;
    }

    /** Reads a document from stored text. */
    public static Document read(String json) {
        return read(MAPPER.readTree(json));
    }

    public static String write(Document document) {
        return node(
                        "doc",
                        array(document.blocks().stream()
                                .map(DocumentJson::write)
                                .toList()))
                .toString();
    }

    private static List<Block> blocks(JsonNode parent, int depth) {
        require(depth <= DEEPEST, "Lists can be nested 12 deep, no deeper.");
        var blocks = new ArrayList<Block>();
        children(parent).forEach(child -> blocks.add(block(child, depth)));
        return blocks;
    }

    private static Block block(JsonNode node, int depth) {
        return switch (type(node)) {
            case "paragraph" -> new Paragraph(inline(node));
            case "heading" -> new Heading(attribute(node, "level", 1), inline(node));
            case "bulletList" -> new BulletList(items(node, depth));
            case "orderedList" -> new NumberedList(attribute(node, "start", 1), items(node, depth));
            default -> throw refused(node);
        };
    }

    private static List<List<Block>> items(JsonNode list, int depth) {
        var items = new ArrayList<List<Block>>();
        children(list).forEach(item -> {
            if (!type(item).equals("listItem")) {
                throw refused(item);
            }
            items.add(blocks(item, depth + 1));
        });
        return items;
    }

    private static List<Inline> inline(JsonNode parent) {
        var content = new ArrayList<Inline>();
        children(parent)
                .forEach(child -> content.add(
                        switch (type(child)) {
                            case "text" -> new Text(text(child), marks(child));
                            case "hardBreak" -> new LineBreak();
                            default -> throw refused(child);
                        }));
        return content;
    }

    private static String text(JsonNode node) {
        require(node.path("text").isString(), "A piece of text has to hold text.");
        return node.path("text").stringValue();
    }

    private static Set<Mark> marks(JsonNode node) {
        var marks = EnumSet.noneOf(Mark.class);
        node.path("marks").forEach(mark -> {
            if (!MARKS.containsKey(type(mark))) {
                throw refused(mark);
            }
            marks.add(MARKS.get(type(mark)));
        });
        return Set.copyOf(marks);
    }

    private static int attribute(JsonNode node, String name, int otherwise) {
        return node.path("attrs").path(name).asInt(otherwise);
    }

    private static JsonNode children(JsonNode node) {
        var content = node.path("content");
        require(
                content.isMissingNode() || content.isArray(),
                "The content of \"" + type(node) + "\" has to be a list.");
        return content;
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

    private static ObjectNode write(Block block) {
        return switch (block) {
            case Paragraph paragraph -> node("paragraph", inline(paragraph.content()));
            case Heading heading -> withAttribute(node("heading", inline(heading.content())), "level", heading.level());
            case BulletList list -> node("bulletList", items(list.items()));
            case NumberedList list -> withAttribute(node("orderedList", items(list.items())), "start", list.start());
        };
    }

    private static ArrayNode items(List<List<Block>> items) {
        return array(items.stream()
                .map(item -> node(
                        "listItem", array(item.stream().map(DocumentJson::write).toList())))
                .toList());
    }

    private static ArrayNode inline(List<Inline> content) {
        return array(content.stream().map(DocumentJson::write).toList());
    }

    private static ObjectNode write(Inline inline) {
        return switch (inline) {
            case LineBreak ignored -> NODES.objectNode().put("type", "hardBreak");
            case Text text -> {
                var node = NODES.objectNode().put("type", "text").put("text", text.text());
                if (!text.marks().isEmpty()) {
                    node.set("marks", array(marks(text.marks())));
                }
                yield node;
            }
        };
    }

    private static List<ObjectNode> marks(Set<Mark> marks) {
        return MARKS.entrySet().stream()
                .filter(entry -> marks.contains(entry.getValue()))
                .map(Map.Entry::getKey)
                .sorted()
                .map(name -> NODES.objectNode().put("type", name))
                .collect(Collectors.toList());
    }

    private static ObjectNode node(String type, ArrayNode content) {
        var node = NODES.objectNode().put("type", type);
        if (!content.isEmpty()) {
            node.set("content", content);
        }
        return node;
    }

    private static ObjectNode withAttribute(ObjectNode node, String name, int value) {
        node.set("attrs", NODES.objectNode().put(name, value));
        return node;
    }

    private static ArrayNode array(List<ObjectNode> nodes) {
        return NODES.arrayNode().addAll(nodes);
    }
}
