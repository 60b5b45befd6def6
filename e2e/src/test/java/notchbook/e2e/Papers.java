package notchbook.e2e;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;

/** Files that a student might bring along. */
final class Papers {
    private static final int TEXT_SIZE = 20;
    private static final int MARGIN = 72;

    private Papers() {}

    /** A PDF with a line of words on each page. */
    static byte[] pdf(String... pages) {
        var out = new ByteArrayOutputStream();
        try (var pdf = new PDDocument()) {
            for (var words : pages) {
                var page = new PDPage();
                pdf.addPage(page);
                try (var content = new PDPageContentStream(pdf, page)) {
                    content.beginText();
                    content.setFont(new PDType1Font(FontName.HELVETICA), TEXT_SIZE);
                    content.newLineAtOffset(MARGIN, page.getMediaBox().getHeight() - MARGIN);
                    content.showText(words);
                    content.endText();
                }
            }
            pdf.save(out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }
}
