package notchbook.formats.scan;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import notchbook.core.layer.Layer;
import notchbook.formats.layer.LayerPdf;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.util.Matrix;

/**
 * A set of photographed pages as a PDF: one page each, the picture as it is kept, filling the paper's width or height, and
 * what is written on it over it as vectors.
 */
public final class PhotoSetPdf {
    private static final PDRectangle PAPER = PDRectangle.A4;
    private static final byte[] JPEG = {(byte) 0xFF, (byte) 0xD8};

    private PhotoSetPdf() {}

    /** A page's name, which may be blank, its picture as JPEG or PNG, and what is written on it. */
    public record Page(String name, byte[] picture, Optional<Layer> layer) {}

    public static byte[] write(String title, List<Page> pages) {
        try (var document = new PDDocument()) {
            document.getDocumentInformation().setTitle(title);
            var outline = new PDDocumentOutline();
            for (var page : pages) {
                var sheet = sheet(document, page);
                var line = new PDOutlineItem();
                line.setTitle(page.name().isBlank() ? "Page " + document.getNumberOfPages() : page.name());
                line.setDestination(sheet);
                outline.addLast(line);
            }
            document.getDocumentCatalog().setDocumentOutline(outline);
            var out = new ByteArrayOutputStream();
            document.save(out);
            return out.toByteArray();
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }

    private static PDPage sheet(PDDocument document, Page page) throws IOException {
        var image = image(document, page.picture());
        var isWide = image.getWidth() > image.getHeight();
        var paper = isWide ? new PDRectangle(PAPER.getHeight(), PAPER.getWidth()) : PAPER;
        var sheet = new PDPage(paper);
        document.addPage(sheet);
        var scale = Math.min(paper.getWidth() / image.getWidth(), paper.getHeight() / image.getHeight());
        var width = image.getWidth() * scale;
        var height = image.getHeight() * scale;
        var left = (paper.getWidth() - width) / 2;
        var bottom = (paper.getHeight() - height) / 2;
        try (var canvas = new PDPageContentStream(document, sheet)) {
            canvas.drawImage(image, left, bottom, width, height);
            if (page.layer().isPresent()) {
                canvas.transform(Matrix.getTranslateInstance(left, bottom));
                canvas.drawForm(LayerPdf.form(document, page.layer().get(), width, height));
            }
        }
        return sheet;
    }

    private static PDImageXObject image(PDDocument document, byte[] picture) throws IOException {
        var in = new ByteArrayInputStream(picture);
        return picture[0] == JPEG[0] && picture[1] == JPEG[1]
                ? JPEGFactory.createFromStream(document, in)
                : LosslessFactory.createFromImage(document, ImageIO.read(in));
    }
}
