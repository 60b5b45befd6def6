package notchbook.formats.file;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Text;

/** Plain text: a paragraph for each line. */
final class PlainText {
    private static final Charset WINDOWS = Charset.forName("windows-1252");

    private PlainText() {}

    static Document read(String text) {
        return new Document(text.lines()
                .filter(line -> !line.isBlank())
                .<Block>map(line -> new Paragraph(List.of(new Text(line.strip(), Set.of()))))
                .toList());
    }

    /** UTF-8, UTF-16 by its mark, else the code page of older programs; whatever holds control characters is no text. */
    static String decode(byte[] file) {
        var text = decoded(file);
        if (!text.chars().allMatch(PlainText::isWritten)) {
            throw new IllegalArgumentException(
                    "This is no text and no document that can be read here. Save it as DOCX, ODT, XLSX, Markdown, HTML"
                            + " or text.");
        }
        return text;
    }

    /** Whether the beginning of a file reads as text; a letter that is cut in half at its end does not matter. */
    static boolean isText(byte[] head) {
        return isUtf16(head) || new String(head, StandardCharsets.UTF_8).chars().allMatch(PlainText::isWritten);
    }

    private static boolean isWritten(int c) {
        return c >= ' ' || c == '\n' || c == '\r' || c == '\t' || c == '\f';
    }

    private static boolean isUtf16(byte[] file) {
        return file.length > 1
                && (file[0] == (byte) 0xFF && file[1] == (byte) 0xFE
                        || file[0] == (byte) 0xFE && file[1] == (byte) 0xFF);
    }

    private static String decoded(byte[] file) {
        if (isUtf16(file)) {
            return new String(file, StandardCharsets.UTF_16);
        }
        try {
            var text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException older) {
            return new String(file, WINDOWS);
        }
    }
}
