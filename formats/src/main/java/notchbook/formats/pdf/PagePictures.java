package notchbook.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.function.DoubleConsumer;
import javax.imageio.ImageIO;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.ZipWriter;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The sheets of a section as pictures (PNG), one by one in a ZIP file: for where nothing else can be put in. */
public final class PagePictures {
    /** Fine enough to be read when a picture is as wide as a screen, in px to the inch. */
    private static final float FINE = 150;

    private PagePictures() {}

    /** {@code progress} is told how far it is, from 0 to 1. */
    public static void write(SectionSheet sheet, PaperSize paper, DoubleConsumer progress, OutputStream out)
            throws IOException {
        try (var pdf = Loader.loadPDF(SectionPdf.write(sheet, paper));
                var zip = new ZipWriter(out)) {
            var renderer = new PDFRenderer(pdf);
            for (var at = 0; at < pdf.getNumberOfPages(); at++) {
                var png = new ByteArrayOutputStream();
                ImageIO.write(renderer.renderImageWithDPI(at, FINE, ImageType.RGB), "png", png);
                zip.put("page-%03d.png".formatted(at + 1), png.toByteArray());
                progress.accept((at + 1.0) / pdf.getNumberOfPages());
            }
        }
    }
}
