package notchbook.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.LayerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/** Two pages on each sheet, side by side, to save paper. It is for printing: what is read aloud or kept has one on each. */
final class TwoUp {
    private TwoUp() {}

    static byte[] of(byte[] pdf) {
        try (var pages = Loader.loadPDF(pdf);
                var sheets = new PDDocument()) {
            sheets.setDocumentInformation(pages.getDocumentInformation());
            var forms = new LayerUtility(sheets);
            for (var at = 0; at < pages.getNumberOfPages(); at += 2) {
                lay(pages, at, sheets, forms);
            }
            var out = new ByteArrayOutputStream();
            sheets.save(out);
            return out.toByteArray();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static void lay(PDDocument pages, int first, PDDocument sheets, LayerUtility forms) throws IOException {
        var size = pages.getPage(first).getMediaBox();
        var sheet = new PDPage(new PDRectangle(size.getHeight(), size.getWidth()));
        sheets.addPage(sheet);
        var half = size.getHeight() / 2;
        var scale = Math.min(half / size.getWidth(), size.getWidth() / size.getHeight());
        try (var content = new PDPageContentStream(sheets, sheet)) {
            for (var at = first; at < Math.min(first + 2, pages.getNumberOfPages()); at++) {
                var left = (at - first) * half + (half - scale * size.getWidth()) / 2;
                var below = (size.getWidth() - scale * size.getHeight()) / 2;
                content.saveGraphicsState();
                content.transform(new Matrix(scale, 0, 0, scale, left, below));
                content.drawForm(forms.importPageAsForm(pages, at));
                content.restoreGraphicsState();
            }
        }
    }
}
