package notchbook.app.notebook;

import notchbook.app.platform.Refusal;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;
import tools.jackson.databind.JsonNode;

/** What an entry of a kind may hold: read, checked, and written in one form, so that equal content is equal text. */
public record EntryContent(String json, boolean isEmpty) {

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
            case PHOTO, RECORDING -> {
                if (!sent.isEmpty()) {
                    throw Refusal.unfit("A photo or a recording holds no text of its own; give it a caption.");
                }
                yield new EntryContent("{}", false);
            }
        };
    }

    /** The words of an entry's typed text; nothing for other kinds. */
    public static String words(EntryKind kind, String json) {
        return kind == EntryKind.TYPED ? DocumentJson.read(json).plainText() : "";
    }
}
