package notchbook.formats.syllabus;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes a syllabus edition as a CASE 1.0 package (CFPackage as JSON), as {@link CasePackage} reads it. */
public final class CaseWriter {
    private static final JsonMapper MAPPER = new JsonMapper();

    private final ObjectNode root = MAPPER.createObjectNode();
    private final UUID document;
    private final String title;
    private final String changed;

    private CaseWriter(UUID document, String title, Instant changed) {
        this.document = document;
        this.title = title;
        this.changed = changed.toString();
    }

    /** The package of an edition with its id, its code and title, and when it was last changed. */
    public static byte[] write(Edition edition, UUID id, String code, String title, Instant changed) {
        var writer = new CaseWriter(id, title, changed);
        writer.document(code);
        var items = writer.root.putArray("CFItems");
        var associations = writer.root.putArray("CFAssociations");
        edition.nodes().forEach(node -> {
            writer.item(items.addObject(), node);
            writer.association(associations, node, edition);
        });
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(writer.root);
    }

    private void document(String code) {
        var node = root.putObject("CFDocument");
        named(node, document);
        node.put("title", title).put("frameworkType", code).put("creator", "Notchbook");
        node.put("lastChangeDateTime", changed);
    }

    private void item(ObjectNode item, SyllabusNode node) {
        named(item, identifier(node));
        item.put("humanCodingScheme", node.code())
                .put("fullStatement", node.title())
                .put("CFItemType", capital(node.kind().name()))
                .put("lastChangeDateTime", changed);
        if (!node.note().isEmpty()) {
            item.put("notes", node.note());
        }
        var keywords = new ArrayList<String>();
        if (node.tier() != Tier.CORE) {
            keywords.add("tier: " + node.tier().name().toLowerCase(Locale.ROOT));
        }
        node.weight().ifPresent(weight -> keywords.add("weight: " + weight));
        if (!keywords.isEmpty()) {
            var words = item.putArray("conceptKeywords");
            keywords.forEach(words::add);
        }
        if (node.years().first() != ExamYears.ALWAYS.first()) {
            item.put("statusStartDate", node.years().first() + "-01-01");
        }
        if (node.years().last() != ExamYears.ALWAYS.last()) {
            item.put("statusEndDate", node.years().last() + "-12-31");
        }
    }

    private void association(ArrayNode associations, SyllabusNode node, Edition edition) {
        var parent = node.parent().flatMap(edition::find);
        var association = associations.addObject();
        named(association, UUID.nameUUIDFromBytes((node.id() + " isChildOf").getBytes()));
        association.put("associationType", "isChildOf").put("sequenceNumber", associations.size());
        association.put("lastChangeDateTime", changed);
        link(association.putObject("originNodeURI"), node.title(), identifier(node));
        link(
                association.putObject("destinationNodeURI"),
                parent.map(SyllabusNode::title).orElse(title),
                parent.map(CaseWriter::identifier).orElse(document));
    }

    /** CASE wants UUIDs: the board's own name for a line when it is one. */
    private static UUID identifier(SyllabusNode node) {
        return node.identifier().flatMap(CaseWriter::uuid).orElse(node.id());
    }

    private static Optional<UUID> uuid(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException anotherName) {
            return Optional.empty();
        }
    }

    private static void named(ObjectNode node, UUID id) {
        node.put("identifier", id.toString()).put("uri", "urn:uuid:" + id);
    }

    private static void link(ObjectNode node, String title, UUID id) {
        node.put("title", title);
        named(node, id);
    }

    private static String capital(String name) {
        return name.charAt(0) + name.substring(1).toLowerCase(Locale.ROOT);
    }
}
