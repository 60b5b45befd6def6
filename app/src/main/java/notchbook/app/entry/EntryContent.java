package notchbook.app.entry;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.link.WebLink;
import notchbook.core.notebook.FileName;
import notchbook.core.scan.PhotoSet;
import notchbook.core.text.Document;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;
import notchbook.formats.scan.PhotoSetJson;
import notchbook.formats.voice.TakeJson;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** What an entry of a kind may hold: read, checked, and written in one form, so that equal content is equal text. */
public record EntryContent(String json, boolean isEmpty) {
    private static final JsonMapper MAPPER = new JsonMapper();

    /** A photo by itself. */
    private static final String NOTHING = "{}";

    /** Checks what was written down elsewhere. */
    public static EntryContent check(EntryKind kind, String json) {
        try {
            return check(kind, MAPPER.readTree(json));
        } catch (JacksonException odd) {
            throw new IllegalArgumentException("This is no content of an entry.", odd);
        }
    }

    /** Checks what was sent; an {@link IllegalArgumentException} says what does not belong. */
    static EntryContent check(EntryKind kind, JsonNode sent) {
        return switch (kind) {
            case TYPED -> {
                var document = DocumentJson.read(sent);
                yield new EntryContent(DocumentJson.write(document), document.isBlank());
            }
            case INK -> {
                var drawing = DrawingJson.read(sent);
                yield new EntryContent(DrawingJson.write(drawing), drawing.isEmpty());
            }
            case PHOTO ->
                new EntryContent(sent.isEmpty() ? NOTHING : PhotoSetJson.write(PhotoSetJson.read(sent)), false);
            case RECORDING, CLIP -> new EntryContent(TakeJson.write(TakeJson.read(sent)), false);
            case FILE ->
                text("name", FileName.parse(sent.path("name").asString("")).name());
            case LINK ->
                ofLink(WebLink.require(sent.path("address").asString(""))
                        .address()
                        .toString());
            case VIEW -> ofView(placedView(sent));
        };
    }

    /** The words of an entry's typed text, of its set of photos, of a recording's moments, its file's name, its address. */
    public static String words(EntryKind kind, String json) {
        return switch (kind) {
            case TYPED -> DocumentJson.read(json).plainText();
            case FILE -> MAPPER.readTree(json).path("name").asString("");
            case LINK -> MAPPER.readTree(json).path("address").asString("");
            case PHOTO -> photoSet(kind, json).map(PhotoSet::words).orElse("");
            case RECORDING, CLIP -> TakeJson.read(json).words();
            case INK -> "";
            case VIEW -> MAPPER.readTree(json).path("name").asString("");
        };
    }

    /** The set of a photo entry; empty for a photo by itself and for other kinds. */
    public static Optional<PhotoSet> photoSet(EntryKind kind, String json) {
        return kind == EntryKind.PHOTO && !json.equals(NOTHING)
                ? Optional.of(PhotoSetJson.read(json))
                : Optional.empty();
    }

    /** A file by its name, a link by its address; what else is played or seen has nothing of its own. */
    public static EntryContent of(EntryKind kind, String words) {
        return switch (kind) {
            case FILE -> text("name", words);
            case LINK -> ofLink(words);
            default -> check(kind, NOTHING);
        };
    }

    /** What a view is of; empty for other kinds. */
    static Optional<PlacedView> placedView(EntryKind kind, String json) {
        return kind == EntryKind.VIEW ? Optional.of(placedView(MAPPER.readTree(json))) : Optional.empty();
    }

    private static PlacedView placedView(JsonNode json) {
        return new PlacedView(
                UUID.fromString(json.path("collection").asString("")),
                json.path("view").asStringOpt().map(UUID::fromString),
                json.path("name").asString(""));
    }

    private static EntryContent ofView(PlacedView view) {
        return new EntryContent(placed(view).toString(), false);
    }

    /** A view as it was at one moment: {@code seen} is what a screen needs to show it, {@code text} what is read of it anywhere else. */
    public static EntryContent ofView(PlacedView view, JsonNode seen, Document text) {
        var json = placed(view);
        json.set("seen", seen);
        json.set("text", MAPPER.readTree(DocumentJson.write(text)));
        return new EntryContent(json.toString(), false);
    }

    private static ObjectNode placed(PlacedView view) {
        var json = MAPPER.createObjectNode().put("collection", view.collection().toString());
        view.view().ifPresent(id -> json.put("view", id.toString()));
        return json.put("name", view.name());
    }

    /** A view as it was, as a text below its name; of a live one the name alone. */
    public static Document textOfView(String json) {
        var content = MAPPER.readTree(json);
        var name = new Document.Heading(
                1, List.of(new Document.Text(content.path("name").asString(""), Set.of())));
        var text = content.has("text") ? DocumentJson.read(content.path("text")).blocks() : List.<Document.Block>of();
        return new Document(Stream.concat(Stream.of(name), text.stream()).toList());
    }

    static EntryContent ofLink(String address) {
        return text("address", address);
    }

    private static EntryContent text(String field, String value) {
        return new EntryContent(MAPPER.createObjectNode().put(field, value).toString(), false);
    }
}
