package notchbook.formats.syllabus;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import notchbook.core.syllabus.LooseRows;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusRow;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads a syllabus edition from a CASE 1.0 package (Competencies and Academic Standards Exchange, CFPackage as JSON).
 *
 * <p>CASE has items and tells by associations which is a child of which. An item without children is a point, its full
 * statement the statement; codes are the human coding scheme, or counted through where there is none. Exam years are the
 * years of the item's status dates. CASE 1.0 has no place for tiers and weights: {@link CaseWriter} puts them among the
 * concept keywords, and there they are read.
 */
public final class CasePackage {
    private static final JsonMapper MAPPER = new JsonMapper();
    private static final int MOST_ITEMS = 10_000;

    /** As in a table: room for a full paragraph. In characters. */
    private static final int LONGEST_TEXT = 1_000;

    /** Deeper than any syllabus; what lies below is refused by the draft. */
    private static final int DEEPEST = 50;

    private final List<JsonNode> items;
    private final Map<String, JsonNode> childOf;
    private final Map<String, List<JsonNode>> children;
    private final Map<String, String> codes = new HashMap<>();

    private CasePackage(JsonNode root) {
        items = root.path("CFItems").valueStream().toList();
        childOf = root.path("CFAssociations")
                .valueStream()
                .filter(one -> one.path("associationType").asString("").equals("isChildOf"))
                .collect(toMap(one -> end(one, "originNodeURI"), one -> one, (first, again) -> first));
        children = items.stream()
                .filter(item -> childOf.containsKey(identifier(item)))
                .collect(groupingBy(item -> end(childOf.get(identifier(item)), "destinationNodeURI")));
        var document = root.path("CFDocument").path("identifier").asString("");
        nameCodes(document, "", 0);
    }

    /** What a package holds: the title and the code that it goes by, and what came of its items (counted from 1 as lines). */
    public record Read(String title, String code, SyllabusDraft.Result result) {}

    /**
     * Reads a package whole, with ids from {@code ids}.
     *
     * @throws IllegalArgumentException with a sentence for the sender, when it is no CASE package
     */
    public static Read read(byte[] file, Supplier<UUID> ids) {
        var root = parse(file);
        if (!root.path("CFItems").isArray() || !root.path("CFDocument").isObject()) {
            throw new IllegalArgumentException(
                    "This is JSON, but no CASE package: it needs a CFDocument and CFItems. Export it as a CASE 1.0 package.");
        }
        if (root.path("CFItems").size() > MOST_ITEMS) {
            throw new IllegalArgumentException("The package has more than 10,000 items. Is it the right one?");
        }
        var document = root.path("CFDocument");
        return new Read(
                text(document, "title"),
                text(document, "frameworkType").isEmpty()
                        ? text(document, "publisher")
                        : text(document, "frameworkType"),
                SyllabusDraft.check(LooseRows.withPoints(new CasePackage(root).rows(document)), ids));
    }

    private static JsonNode parse(byte[] file) {
        try {
            return MAPPER.readTree(file);
        } catch (JacksonException broken) {
            throw new IllegalArgumentException(
                    "This JSON file is broken. Export the package once more and choose it again.", broken);
        }
    }

    /** Items in the order of the syllabus; those that hang on nothing come last, so that they are found out. */
    private List<SyllabusRow> rows(JsonNode document) {
        var lines = IntStream.range(0, items.size())
                .boxed()
                .collect(toMap(i -> identifier(items.get(i)), i -> i + 1, (first, again) -> first));
        var inOrder = new LinkedHashMap<String, JsonNode>();
        walk(text(document, "identifier"), inOrder, 0);
        items.forEach(item -> inOrder.putIfAbsent(identifier(item), item));
        return inOrder.values().stream()
                .map(item -> row(item, lines.get(identifier(item)), text(document, "identifier")))
                .toList();
    }

    private void walk(String parent, Map<String, JsonNode> inOrder, int depth) {
        for (var child : childrenOf(parent)) {
            if (depth < DEEPEST && inOrder.putIfAbsent(identifier(child), child) == null) {
                walk(identifier(child), inOrder, depth + 1);
            }
        }
    }

    /** Counts through what has no code of its own. */
    private void nameCodes(String parent, String prefix, int depth) {
        var number = 0;
        for (var child : childrenOf(parent)) {
            number++;
            var own = text(child, "humanCodingScheme");
            var code = own.isEmpty() ? prefix + number : own;
            if (depth < DEEPEST && codes.putIfAbsent(identifier(child), code) == null) {
                nameCodes(identifier(child), code + ".", depth + 1);
            }
        }
    }

    private List<JsonNode> childrenOf(String parent) {
        return children.getOrDefault(parent, List.of()).stream()
                .sorted(Comparator.comparingInt(child ->
                        childOf.get(identifier(child)).path("sequenceNumber").asInt(0)))
                .toList();
    }

    private SyllabusRow row(JsonNode item, int line, String document) {
        var parent = Optional.ofNullable(childOf.get(identifier(item))).map(one -> end(one, "destinationNodeURI"));
        var isLeaf = children.getOrDefault(identifier(item), List.of()).isEmpty();
        var shorter = text(item, "abbreviatedStatement");
        return new SyllabusRow(
                line,
                Optional.empty(),
                identifier(item),
                code(item),
                parent.filter(one -> !one.equals(document)).map(this::codeOf).orElse(""),
                shorter.isEmpty() || isLeaf ? text(item, "fullStatement") : shorter,
                "",
                keyword(item, "weight"),
                keyword(item, "tier"),
                years(item),
                text(item, "notes"));
    }

    private String code(JsonNode item) {
        return codes.getOrDefault(identifier(item), text(item, "humanCodingScheme"));
    }

    /** The code of an item; its identifier when there is no such item, so that the message names what is missing. */
    private String codeOf(String identifier) {
        return items.stream()
                .filter(item -> identifier(item).equals(identifier))
                .findFirst()
                .map(this::code)
                .orElse(identifier);
    }

    private static String keyword(JsonNode item, String name) {
        return item.path("conceptKeywords")
                .valueStream()
                .map(word -> word.asString(""))
                .filter(word -> word.startsWith(name + ": "))
                .map(word -> word.substring(name.length() + 2))
                .findFirst()
                .orElse("");
    }

    private static String years(JsonNode item) {
        var from = year(item, "statusStartDate");
        var to = year(item, "statusEndDate");
        return from.isEmpty() && to.isEmpty() ? "" : from + "-" + to;
    }

    private static String year(JsonNode item, String field) {
        var date = text(item, field);
        return date.length() < 4 ? "" : date.substring(0, 4);
    }

    private static String identifier(JsonNode item) {
        return text(item, "identifier");
    }

    private static String end(JsonNode association, String field) {
        var node = association.path(field);
        return node.isObject() ? text(node, "identifier") : node.asString("");
    }

    private static String text(JsonNode node, String field) {
        var text = node.path(field).asString("").strip();
        if (text.length() > LONGEST_TEXT) {
            throw new IllegalArgumentException(
                    "A text in this package is longer than 1,000 characters: \"%s…\". Shorten it and choose the file again."
                            .formatted(text.substring(0, 60)));
        }
        return text;
    }
}
