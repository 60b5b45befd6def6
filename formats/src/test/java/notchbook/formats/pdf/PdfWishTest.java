package notchbook.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Path;
import notchbook.formats.pdf.PdfWish.Sounds;
import notchbook.formats.sheet.Sections;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.verapdf.pdfa.flavours.PDFAFlavour;

class PdfWishTest {
    @TempDir
    private Path folder;

    @Test
    void putsATitlePageAndContentsBeforeABook() throws IOException {
        try (var pdf = Loader.loadPDF(written(true, Sounds.LISTED, false))) {
            var text = new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
            assertThat(text).contains("Contents", "Wall 3", "Clock 3");
            assertThat(pdf.getDocumentCatalog().getPageLabels().getLabelsByPageIndices())
                    .startsWith("Title page", "Contents", "3");
            assertThat(pdf.getDocumentCatalog().getDocumentOutline().children())
                    .extracting(item -> item.getTitle())
                    .containsExactly("Wall", "Clock");
        }
    }

    @Test
    void holdsTheSoundsThemselvesAndKeepsToTheStandards() throws IOException {
        var pdf = written(true, Sounds.ATTACHED, false);
        assertThat(PdfStandards.breaches(pdf, PDFAFlavour.PDFA_3_U, PDFAFlavour.PDFUA_1))
                .isEmpty();
        try (var read = Loader.loadPDF(pdf)) {
            var files = read.getDocumentCatalog().getNames().getEmbeddedFiles().getNames();
            assertThat(files).containsOnlyKeys("1 Wall.webm", "2 Clock.webm", "3 tides.csv");
            assertThat(files.get("1 Wall.webm").getEmbeddedFile().toByteArray())
                    .asString()
                    .isEqualTo("sound of Wall");
            assertThat(new PDFTextStripper().getText(read)).contains("It lies in this PDF: 1 Wall.webm");
        }
    }

    @Test
    void setsACodeBesideEachSoundAndKeepsToTheStandards() throws IOException {
        var pdf = written(false, Sounds.CODED, false);
        assertThat(PdfStandards.breaches(pdf, PDFAFlavour.PDFA_2_U, PDFAFlavour.PDFUA_1))
                .isEmpty();
    }

    @Test
    void laysTwoPagesOnASheet() throws IOException {
        try (var pdf = Loader.loadPDF(written(true, Sounds.LISTED, true))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(2);
            assertThat(pdf.getPage(0).getMediaBox().getWidth())
                    .isGreaterThan(pdf.getPage(0).getMediaBox().getHeight());
            assertThat(new PDFTextStripper().getText(pdf)).contains("Contents", "Hear it at");
        }
    }

    private byte[] written(boolean isBook, Sounds sounds, boolean isTwoUp) throws IOException {
        return SectionPdf.write(Sections.withSound(folder), new PdfWish(PaperSize.A4, isBook, sounds, isTwoUp));
    }
}
