package notchbook.e2e;

import java.awt.Color;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.ImageIO;
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

    /** A photo, as PNG, of a sheet with lines of its own on a dark desk, turned a little. */
    static byte[] photographed(int seed, double degrees) {
        var picture = new BufferedImage(900, 1_200, BufferedImage.TYPE_3BYTE_BGR);
        var canvas = picture.createGraphics();
        canvas.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        canvas.setColor(new Color(70, 60, 50));
        canvas.fillRect(0, 0, 900, 1_200);
        canvas.rotate(Math.toRadians(degrees), 450, 600);
        canvas.setColor(new Color(240, 240, 236));
        canvas.fillRect(110, 120, 680, 962);
        canvas.setColor(Color.DARK_GRAY);
        var random = new Random(seed);
        for (var y = 190; y < 1_000; y += 36) {
            for (var x = 170; x < 640; ) {
                var width = 20 + random.nextInt(90);
                canvas.fillRect(x, y, width, 12);
                x += width + 14;
            }
        }
        canvas.dispose();
        var out = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", out);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }
}
