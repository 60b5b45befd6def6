package notchbook.formats.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import notchbook.formats.scan.PhotoSetPdf.Page;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;

class PhotoSetPdfTest {
    @Test
    void givesEveryPictureASheetThatLiesAsItDoes() throws IOException {
        var pages = List.of(new Page("Setting up", picture("jpeg", 600, 849)), new Page("", picture("png", 800, 400)));
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

    private static byte[] picture(String format, int width, int height) throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_3BYTE_BGR), format, out);
        return out.toByteArray();
    }
}
