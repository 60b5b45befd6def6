package notchbook.formats.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import notchbook.formats.layer.Layers;
import notchbook.formats.scan.PhotoSetPdf.Page;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

class PhotoSetPdfTest {
    @Test
    void givesEveryPictureASheetThatLiesAsItDoes() throws IOException {
        var pages = List.of(
                new Page("Setting up", picture("jpeg", 600, 849), Optional.empty()),
                new Page("", picture("png", 800, 400), Optional.of(Layers.full())));
        try (var read = Loader.loadPDF(PhotoSetPdf.write("Ripple tank", pages))) {
            assertThat(read.getNumberOfPages()).isEqualTo(2);
            assertThat(read.getPage(0).getMediaBox().getHeight()).isGreaterThan(800);
            assertThat(read.getPage(1).getMediaBox().getWidth()).isGreaterThan(800);
            assertThat(read.getDocumentInformation().getTitle()).isEqualTo("Ripple tank");
            assertThat(read.getDocumentCatalog().getDocumentOutline().children())
                    .extracting(line -> line.getTitle())
                    .containsExactly("Setting up", "Page 2");
        }
    }

    @Test
    void laysWhatIsWrittenOverThePictureAndLeavesThePictureWhole() throws IOException {
        var page = new Page("", picture("jpeg", 800, 400), Optional.of(Layers.full()));
        try (var read = Loader.loadPDF(PhotoSetPdf.write("Ripple tank", List.of(page)))) {
            var seen = new PDFRenderer(read).renderImage(0, 1);
            var scale = seen.getWidth() / 800.0;
            var bottom = (seen.getHeight() - 400 * scale) / 2;
            assertThat(seen.getRGB((int) (191 * scale), (int) (bottom + 100 * scale)) & 0xFFFFFF)
                    .as("the disc of the spot on a black picture")
                    .isEqualTo(0x17262D);
            var form = read.getPage(0).getResources();
            assertThat(form.getXObjectNames()).anyMatch(form::isImageXObject).hasSize(2);
        }
    }

    private static byte[] picture(String format, int width, int height) throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR), format, out);
        return out.toByteArray();
    }
}
