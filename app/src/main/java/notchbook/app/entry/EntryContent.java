package notchbook.app.entry;

import java.util.Optional;
import notchbook.core.link.WebLink;
import notchbook.core.notebook.FileName;
import notchbook.core.scan.PhotoSet;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;
import notchbook.formats.scan.PhotoSetJson;
import notchbook.formats.voice.TakeJson;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

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

    static EntryContent ofLink(String address) {
        return text("address", address);
    }

    private static EntryContent text(String field, String value) {
        return new EntryContent(MAPPER.createObjectNode().put(field, value).toString(), false);
    }
}
