package notchbook.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionJavaScript;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PdfPagesTest {
    private static final PDRectangle A4 = PDRectangle.A4;

    @TempDir
    private Path folder;

    @Test
    void drawsEachPageAtFullSharpness() throws IOException {
        var file = saved(pdf(A4, new PDRectangle(A4.getHeight(), A4.getWidth())));
        assertThat(PdfPages.count(file)).isEqualTo(2);
        assertThat(picture(file, 1).getWidth()).isBetween(1650, 1656);
        assertThat(picture(file, 2).getHeight()).isBetween(1650, 1656);
    }

    @Test
    void drawsAPosterCoarserThanItsMemoryAllows() throws IOException {
        var picture = picture(saved(pdf(new PDRectangle(14_000, 9_000))), 1);
        assertThat(picture.getWidth() * (long) picture.getHeight()).isLessThan(12_100_000);
    }

    @Test
    void drawsAPageWhoseFileHoldsAScriptAndRunsNothing() throws IOException {
        var pdf = pdf(A4);
        pdf.getDocumentCatalog().setOpenAction(new PDActionJavaScript("app.alert('hello')"));
        assertThat(picture(saved(pdf), 1).getWidth()).isPositive();
    }

    @Test
    void saysThatAPasswordIsInTheWay() throws IOException {
        var pdf = pdf(A4);
        pdf.protect(new StandardProtectionPolicy("owner", "reader", new AccessPermission()));
        var file = saved(pdf);
        assertThatThrownBy(() -> PdfPages.count(file)).hasMessageContaining("has a password");
        assertThatThrownBy(() -> PdfPages.jpeg(file, 1)).hasMessageContaining("has a password");
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 3, -1, 500})
    void saysWhichPageIsNotThere(int number) throws IOException {
        var file = saved(pdf(A4, A4));
        assertThatThrownBy(() -> PdfPages.jpeg(file, number))
                .hasMessage("There is no page " + number + " in this PDF; its last one is 2.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "%PDF-1.7", "%PDF-1.7\n1 0 obj\n<</Type/Catalog/Pages 2 0 R>>", "no pdf at all"})
    void refusesWhatIsBroken(String content) throws IOException {
        var file = Files.writeString(folder.resolve("broken.pdf"), content);
        assertThatThrownBy(() -> PdfPages.count(file))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("broken or only half there");
    }

    private static PDDocument pdf(PDRectangle... sizes) {
        var pdf = new PDDocument();
        for (var size : sizes) {
            pdf.addPage(new PDPage(size));
        }
        return pdf;
    }

    private Path saved(PDDocument pdf) throws IOException {
        var file = folder.resolve("sheet.pdf");
        try (pdf) {
            pdf.save(file.toFile());
        }
        return file;
    }

    private static BufferedImage picture(Path file, int number) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(PdfPages.jpeg(file, number)));
    }
}
