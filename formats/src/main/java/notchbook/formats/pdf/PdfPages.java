package notchbook.formats.pdf;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.io.RandomAccessReadBufferedFile;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/**
 * The pages of a PDF as pictures. A page is drawn and nothing else of the file is used: no script runs and no file inside it
 * is opened. What can't be drawn is refused with an {@link IllegalArgumentException} in words for a student.
 */
public final class PdfPages {
    /** Fine enough to write on, in px to the inch. */
    private static final float FINE = 200;

    private static final float POINTS_PER_INCH = 72;

    /** A poster comes out coarser, so that no page takes more memory than a photo. */
    private static final double MOST_PIXELS = 12_000_000;

    private static final float JPEG_QUALITY = 0.92f;

    private PdfPages() {}

    /** How many pages it has. */
    public static int count(Path file) {
        try (var pdf = open(file)) {
            return pdf.getNumberOfPages();
        } catch (IOException | RuntimeException broken) {
            throw refused(broken);
        }
    }

    /** Draws a page, counted from 1, as JPEG. */
    public static byte[] jpeg(Path file, int number) {
        try (var pdf = open(file)) {
            if (number < 1 || number > pdf.getNumberOfPages()) {
                throw new IllegalArgumentException("There is no page %d in this PDF; its last one is %d."
                        .formatted(number, pdf.getNumberOfPages()));
            }
            var scale = scale(pdf.getPage(number - 1));
            var renderer = new PDFRenderer(pdf);
            // A picture in it that is far finer than the page is read no finer than it is drawn.
            renderer.setSubsamplingAllowed(true);
            return written(renderer.renderImage(number - 1, scale, ImageType.RGB));
        } catch (IOException | RuntimeException broken) {
            throw refused(broken);
        }
    }

    private static PDDocument open(Path file) throws IOException {
        return Loader.loadPDF(
                new RandomAccessReadBufferedFile(file.toFile()),
                "",
                null,
                null,
                IOUtils.createTempFileOnlyStreamCache());
    }

    private static float scale(PDPage page) {
        var box = page.getCropBox();
        var fine = FINE / POINTS_PER_INCH;
        var pixels = box.getWidth() * fine * (double) box.getHeight() * fine;
        if (!(pixels > 0)) {
            throw new IllegalArgumentException("This page of the PDF is empty: it has no width or no height.");
        }
        return (float) (fine * Math.min(1, Math.sqrt(MOST_PIXELS / pixels)));
    }

    private static byte[] written(BufferedImage picture) throws IOException {
        var writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        var out = new ByteArrayOutputStream();
        try (var target = ImageIO.createImageOutputStream(out)) {
            var parameters = writer.getDefaultWriteParam();
            parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            parameters.setCompressionQuality(JPEG_QUALITY);
            writer.setOutput(target);
            writer.write(null, new IIOImage(picture, null, null), parameters);
            target.flush();
            return out.toByteArray();
        } finally {
            writer.dispose();
        }
    }

    private static IllegalArgumentException refused(Exception broken) {
        return switch (broken) {
            case IllegalArgumentException said -> said;
            case InvalidPasswordException locked ->
                new IllegalArgumentException("This PDF has a password. Save a copy without it, and add that.", locked);
            default ->
                new IllegalArgumentException(
                        "This PDF is broken or only half there. Save it again and add that.", broken);
        };
    }
}
