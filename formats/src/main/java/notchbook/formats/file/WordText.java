package notchbook.formats.file;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import notchbook.core.text.Document;
import org.zwobble.mammoth.DocumentConverter;

/** DOCX (Office Open XML, ISO/IEC 29500). */
final class WordText {
    private WordText() {}

    static Document read(ZipParts parts) {
        try {
            return HtmlText.read(new DocumentConverter()
                    .addStyleMap("u => u")
                    .convertToHtml(new ByteArrayInputStream(parts.file()))
                    .getValue());
        } catch (IOException | RuntimeException broken) {
            // The reader of this format throws whatever it stumbles over.
            throw broken(broken);
        }
    }

    private static IllegalArgumentException broken(Exception cause) {
        return new IllegalArgumentException("This document is broken inside. Open it and save it once more.", cause);
    }
}
