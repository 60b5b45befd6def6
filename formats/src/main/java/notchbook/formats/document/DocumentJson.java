package notchbook.formats.document;

import notchbook.core.text.Document;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Typed text as ProseMirror JSON. Reading is the schema check: a node, mark or attribute that a {@link Document} has no
 * place for is refused, so nothing else can ever be stored.
 */
public final class DocumentJson {
    /** A paragraph of 20,000 words and its notes fit ten times. */
    private static final int MOST_CHARACTERS = 2_000_000;

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private DocumentJson() {}

    /** Reads and checks a document; an {@link IllegalArgumentException} says what does not belong. */
    public static Document read(JsonNode json) {
        var document = new DocumentReader().read(json);
        if (document.plainText().length() > MOST_CHARACTERS) {
            throw new IllegalArgumentException("This text is longer than 2,000,000 characters. Begin a second entry.");
        }
        return document;
    }

    /** Reads a document from stored text. */
    public static Document read(String json) {
        return read(MAPPER.readTree(json));
    }

    public static String write(Document document) {
        return DocumentWriter.write(document).toString();
    }
}
