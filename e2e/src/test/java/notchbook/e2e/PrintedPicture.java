package notchbook.e2e;

import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import notchbook.formats.pdf.PrintedPdf;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The last picture of a PDF as it is printed, with all that lies over it. */
final class PrintedPicture {
    private static final int POINTS_PER_INCH = 72;

    /** Dots to a point. */
    private static final int FINENESS = 2;

    private PrintedPicture() {}

    /** In the size of another picture, to be laid over it. */
    static BufferedImage last(byte[] pdf, int width, int height) throws IOException {
        var sheets = PrintedPdf.of(pdf).sheets();
        for (var number = sheets.size() - 1; number >= 0; number--) {
            if (!sheets.get(number).pictures().isEmpty()) {
                return cut(pdf, number, sheets.get(number).pictures().getLast(), width, height);
            }
        }
        throw new AssertionError("There is no picture in the PDF.");
    }

    private static BufferedImage cut(byte[] pdf, int number, Rectangle2D place, int width, int height)
            throws IOException {
        try (var document = Loader.loadPDF(pdf)) {
            var part = new PDFRenderer(document)
                    .renderImageWithDPI(number, FINENESS * POINTS_PER_INCH)
                    .getSubimage(
                            dots(place.getX()), dots(place.getY()), dots(place.getWidth()), dots(place.getHeight()));
            var sized = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
            var canvas = sized.createGraphics();
            canvas.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
            canvas.drawImage(part, 0, 0, width, height, null);
            canvas.dispose();
            return sized;
        }
    }

    private static int dots(double points) {
        return (int) Math.round(FINENESS * points);
    }
}
