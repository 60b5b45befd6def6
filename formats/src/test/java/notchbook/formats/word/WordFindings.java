package notchbook.formats.word;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import notchbook.formats.web.Zips;
import org.apache.xmlbeans.XmlError;
import org.apache.xmlbeans.XmlException;
import org.apache.xmlbeans.XmlObject;
import org.apache.xmlbeans.XmlOptions;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.DocumentDocument;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.NumberingDocument;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.StylesDocument;

/** What the schema of word files (ISO/IEC 29500-4) finds in one. */
public final class WordFindings {
    private WordFindings() {}

    public static List<String> of(byte[] file) {
        try {
            var parts = Zips.read(file);
            var found = new ArrayList<XmlError>();
            check(DocumentDocument.Factory.parse(in(parts.get("word/document.xml"))), found);
            check(StylesDocument.Factory.parse(in(parts.get("word/styles.xml"))), found);
            check(NumberingDocument.Factory.parse(in(parts.get("word/numbering.xml"))), found);
            return found.stream().map(XmlError::toString).toList();
        } catch (IOException | XmlException unreadable) {
            throw new UncheckedIOException(new IOException(unreadable));
        }
    }

    private static ByteArrayInputStream in(byte[] part) {
        return new ByteArrayInputStream(part);
    }

    private static void check(XmlObject part, List<XmlError> found) {
        part.validate(new XmlOptions().setErrorListener(found));
    }
}
