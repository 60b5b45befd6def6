package notchbook.formats.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import notchbook.core.outline.Outline;
import notchbook.core.outline.OutlineLine;
import notchbook.core.outline.SourceLine;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.pdmodel.font.PDType1Font;
import org.apache.pdfbox.pdmodel.font.Standard14Fonts.FontName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PdfLinesTest {
    private static final float LINE = 15;
    private static final List<String> UNITS = List.of("Waves", "Sound", "Light", "Heat");

    @TempDir
    private Path folder;

    /** A line as it is printed: so far from the left and from the top, in points. */
    private record Printed(float left, float top, float size, String text) {}

    @Test
    void keepsIndentsGapsAndWhatIsLarger() throws IOException {
        var lines = PdfLines.read(pdf(List.of(
                new Printed(60, 80, 18, "Rivers"),
                new Printed(60, 120, 11, "The river's course"),
                new Printed(84, 135, 11, "long profile and cross profile"),
                new Printed(84, 150, 11, "erosion, transport and deposition"))));
        assertThat(lines)
                .extracting(SourceLine::text)
                .containsExactly(
                        "Rivers",
                        "The river's course",
                        "long profile and cross profile",
                        "erosion, transport and deposition");
        assertThat(lines).extracting(SourceLine::isProminent).containsExactly(true, false, false, false);
        assertThat(lines.get(2).indent()).isGreaterThan(lines.get(1).indent() + 2);
        assertThat(lines.get(1).isAfterGap()).isTrue();
        assertThat(lines.get(3).isAfterGap()).isFalse();
    }

    @Test
    void readsTheLeftColumnBeforeTheRightOne() throws IOException {
        var left = List.of(
                "1 Waves",
                "1.1 Kinds of wave",
                "1.1a Transverse waves",
                "1.1b Longitudinal waves",
                "1.2 Speed",
                "1.2a Use speed = length over time");
        var right = List.of(
                "2 Light",
                "2.1 Mirrors",
                "2.1a The law of reflection",
                "2.1b Images",
                "2.2 Lenses",
                "2.2a Ray diagrams");
        var printed = new java.util.ArrayList<Printed>();
        for (var i = 0; i < left.size(); i++) {
            printed.add(new Printed(50, 80 + i * LINE, 10, left.get(i)));
            printed.add(new Printed(310, 80 + i * LINE, 10, right.get(i)));
        }
        assertThat(Outline.of(PdfLines.read(pdf(printed))).lines())
                .extracting(OutlineLine::number)
                .containsExactly("1", "1.1", "1.1a", "1.1b", "1.2", "1.2a", "2", "2.1", "2.1a", "2.1b", "2.2", "2.2a");
    }

    @Test
    void leavesOutTheHeadsAndNumbersOfItsPages() throws IOException {
        var pages = new java.util.ArrayList<List<Printed>>();
        for (var page = 1; page <= 4; page++) {
            pages.add(List.of(
                    new Printed(60, 40, 9, "Larkfield Board, physics 412"),
                    new Printed(60, 80, 11, page + " " + UNITS.get(page - 1)),
                    new Printed(60, 80 + LINE, 11, page + ".1 Topic of the unit"),
                    new Printed(300, 780, 9, String.valueOf(page + 6))));
        }
        var outline = Outline.of(PdfLines.read(pdf(pages.toArray(List[]::new))));
        assertThat(outline.lines()).hasSize(8);
        assertThat(outline.leftOut()).hasSize(8);
    }

    @Test
    void saysWhatToDoWithWhatItCantRead() throws IOException {
        assertSays(Files.writeString(folder.resolve("a.pdf"), "hello"), "can't be read");
        assertSays(pdf(List.of()), "holds pictures of pages and no text");
        assertSays(locked(), "locked with a password");
    }

    private static void assertSays(Path file, String words) {
        assertThatThrownBy(() -> PdfLines.read(file))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(words);
    }

    private Path locked() throws IOException {
        try (var pdf = new PDDocument()) {
            pdf.addPage(new PDPage());
            pdf.protect(new StandardProtectionPolicy("owner", "reader", new AccessPermission()));
            return saved(pdf, "locked.pdf");
        }
    }

    @SafeVarargs
    private Path pdf(List<Printed>... pages) throws IOException {
        try (var pdf = new PDDocument()) {
            for (var lines : pages) {
                var page = new PDPage(PDRectangle.A4);
                pdf.addPage(page);
                try (var content = new PDPageContentStream(pdf, page)) {
                    for (var line : lines) {
                        content.beginText();
                        content.setFont(new PDType1Font(FontName.HELVETICA), line.size());
                        content.newLineAtOffset(line.left(), PDRectangle.A4.getHeight() - line.top());
                        content.showText(line.text());
                        content.endText();
                    }
                }
            }
            return saved(pdf, "syllabus.pdf");
        }
    }

    private Path saved(PDDocument pdf, String name) throws IOException {
        var file = folder.resolve(name);
        pdf.save(file.toFile());
        return file;
    }
}
