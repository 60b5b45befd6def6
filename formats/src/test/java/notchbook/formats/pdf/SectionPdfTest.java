package notchbook.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import javax.imageio.ImageIO;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.notebook.Patterns;
import notchbook.core.text.Document;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Style;
import notchbook.core.text.Document.Text;
import notchbook.formats.layer.Layers;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.Answer;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.ZoneOfPage;
import notchbook.formats.sheet.Sheets;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class SectionPdfTest {
    @Test
    void isTaggedAndNamed() throws IOException {
        try (var pdf = pdf()) {
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            assertThat(pdf.getDocumentCatalog().getStructureTreeRoot().getKids())
                    .isNotEmpty();
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo("Echoes & sonar");
        }
    }

    @Test
    void holdsRealTextInAnyScript() throws IOException {
        try (var pdf = pdf()) {
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains(
                            "Timing an echo",
                            "speed × time <half>",
                            "Волна",
                            "Recording “Wall & \"wheel\"”",
                            "Hear it at https://skerrow.example",
                            "2.3a 2.3b",
                            "How will you use it?",
                            "Twenty claps");
        }
    }

    @Test
    void drawsInkAsVectorsAndKeepsThePhotoWhole() throws IOException {
        try (var pdf = pdf()) {
            var images = 0;
            for (var page : pdf.getPages()) {
                for (var name : page.getResources().getXObjectNames()) {
                    if (page.getResources().getXObject(name) instanceof PDImageXObject image) {
                        images++;
                        assertThat(image.getWidth()).isEqualTo(640);
                    }
                }
            }
            assertThat(images).isEqualTo(1);
        }
    }

    @Test
    void laysWhatIsWrittenOnAPhotoOverItAndTellsItsSpots() throws IOException {
        var photo = new SectionSheet.Photo(photo(), "image/png", 640, 320, Optional.of(Layers.full()));
        var page = new SectionSheet.Page(
                "Tank", LocalDate.of(2026, 11, 24), "Week 12", List.of(zone(List.of(entry(photo, "")))));
        var sheet = new SectionSheet("Waves", "Marlo Quist", "Physics", "version 1", List.of(page), List.of());
        try (var pdf = Loader.loadPDF(SectionPdf.write(sheet, PaperSize.A4))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("1 Crest of the wave");
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(SectionPdf.html(sheet, PdfWish.on(PaperSize.A4)))
                    .contains("alt=\"Photo. Written on it: Still &lt;water&gt;", "Mind the gap");
        }
    }

    @Test
    void setsCuesBesideTheNotesAndTheSummaryBelow() throws IOException {
        var zones = List.of(
                inZone("cues", "Why halve it?"),
                inZone("main", "There and back."),
                inZone("summary", "Time many echoes."));
        var page = new SectionSheet.Page("Echo", LocalDate.of(2026, 11, 24), "Week 12", zones);
        var sheet = new SectionSheet("Echoes", "Marlo Quist", "Physics", "version 1", List.of(page), List.of());
        try (var pdf = Loader.loadPDF(SectionPdf.write(sheet, PaperSize.A4))) {
            var stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            var text = stripper.getText(pdf).replaceAll("\\s+", " ");
            assertThat(text).contains("Cues Notes", "In my own words Time many echoes.");
            assertThat(text.indexOf("Why halve it?")).isLessThan(text.indexOf("Time many echoes."));
        }
    }

    private static ZoneOfPage inZone(String key, String words) {
        var text = new Document(List.of(new Paragraph(List.of(new Text(words, Set.of())))));
        var entry = entry(new SectionSheet.Typed(text), "");
        return new ZoneOfPage(Patterns.CUE_NOTES.zoneOf(key), List.of(entry));
    }

    private static PDDocument pdf() throws IOException {
        var entries = List.of(
                entry(new SectionSheet.Typed(new Document(List.of(new Paragraph(List.of(
                        new Text("speed × time <half> ", Set.of(Style.BOLD, Highlight.YELLOW)),
                        new Text("Волна", Set.of()))))))),
                entry(new SectionSheet.Ink(new Drawing(
                        400,
                        200,
                        List.of(new Stroke(
                                Stroke.Tool.PEN,
                                "#17262D",
                                4,
                                List.of(new InkPoint(10, 10, 0.5, 0), new InkPoint(90, 40, 1, 20))))))),
                entry(new SectionSheet.Photo(photo(), "image/png", 640, 480, Optional.empty())),
                entry(new SectionSheet.Recording(
                        false,
                        185,
                        Sheets.said("The echo comes later."),
                        "https://skerrow.example/versions/7",
                        Optional.empty())));
        var page =
                new SectionSheet.Page("Timing an echo", LocalDate.of(2026, 11, 24), "Week 12", List.of(zone(entries)));
        var reflection = new SectionSheet.Reflection(
                "Week 12, looking back", List.of(new Answer("How will you use it?", "Twenty claps.\u0000")), List.of());
        return Loader.loadPDF(SectionPdf.write(
                new SectionSheet(
                        "Echoes & sonar", "Marlo Quist", "Physics", "version 1", List.of(page), List.of(reflection)),
                PaperSize.A4));
    }

    private static ZoneOfPage zone(List<Entry> entries) {
        return new ZoneOfPage(Patterns.FREE.home(), entries);
    }

    private static Entry entry(SectionSheet.Content content) {
        return new Entry(
                UUID.randomUUID(),
                content,
                "Wall & \"wheel\"",
                SectionSheet.Width.THIRD,
                List.of("2.3a", "2.3b"),
                Optional.empty());
    }

    private static Entry entry(SectionSheet.Content content, String caption) {
        return Sheets.entry(content, caption, SectionSheet.Width.FULL);
    }

    private static byte[] photo() throws IOException {
        var out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }
}
