package notchbook.formats.pdf;

import static java.util.stream.Collectors.toMap;
import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import notchbook.core.notebook.Patterns;
import notchbook.core.text.Document.Block;
import notchbook.core.text.Document.Heading;
import notchbook.core.text.Document.Paragraph;
import notchbook.core.text.Document.Text;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.Page;
import notchbook.formats.sheet.SectionSheet.Width;
import notchbook.formats.sheet.SectionSheet.ZoneOfPage;
import notchbook.formats.sheet.Sheets;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What a teacher holds in hand: all of it, on the sheet, together, and no sheet empty for nothing. */
class SectionLayoutTest {
    private static final SectionSheet EVERYTHING = Sheets.withEverything();

    /** Printed once for all that is asked of it. */
    private static final Map<PaperSize, PrintedPdf> PRINTED =
            Arrays.stream(PaperSize.values()).collect(toMap(paper -> paper, paper -> printed(EVERYTHING, paper)));

    @ParameterizedTest
    @EnumSource
    void holdsEveryWordOnce(PaperSize paper) {
        var there = numbers(PRINTED.get(paper).words());
        var wanted = numbers(SectionPdf.html(EVERYTHING, PdfWish.on(paper)));
        assertThat(new HashSet<>(there)).isEqualTo(new HashSet<>(wanted));
        assertThat(there).hasSameSizeAs(wanted);
    }

    @ParameterizedTest
    @EnumSource
    void keepsLettersAndPicturesWithinTheMargins(PaperSize paper) {
        assertThat(PRINTED.get(paper).outside()).isEmpty();
    }

    @ParameterizedTest
    @EnumSource
    void leavesNoSheetHalfEmptyUnlessTheNextThingIsTaller(PaperSize paper) {
        for (var pdf : List.of(PRINTED.get(paper), printed(Sheets.ofEntries(300), paper))) {
            assertThat(pdf.halfEmpty(paper)).isEmpty();
        }
    }

    @Test
    void laysWhatIsWrittenOnAPictureRightWhereItIsOnIt() throws IOException {
        var written = Sheets.entry(Sheets.photo(600, 840, true), "", Width.FULL);
        var above = Sheets.entry(Sheets.photo(800, 700, false), "", Width.FULL);
        var page = new Page(
                "Worksheet",
                LocalDate.of(2026, 11, 24),
                "Week 12",
                List.of(new ZoneOfPage(Patterns.FREE.home(), List.of(above, written))));
        var sheet = new SectionSheet("Worksheets", "Marlo Quist", "Physics", "version 1", List.of(page), List.of());
        var content = SectionPdf.write(sheet, PaperSize.A4);
        var place = PrintedPdf.of(content).sheets().get(1).pictures().getFirst();
        try (var pdf = Loader.loadPDF(content)) {
            var dots = new PDFRenderer(pdf).renderImageWithDPI(1, 144);
            for (var side : new double[][] {{0.25, 0.5}, {0.75, 0.5}, {0.5, 0.25}, {0.5, 0.75}}) {
                var x = 2 * (place.getMinX() + side[0] * place.getWidth());
                var y = 2 * (place.getMinY() + side[1] * place.getHeight());
                assertThat(isRust(dots, x, y))
                        .as("frame at " + Arrays.toString(side))
                        .isTrue();
            }
        }
    }

    /** Read in order, a row's cue comes before what it is about and after what stands above that. */
    @Test
    void keepsANoteLevelWithThePassageItIsAbout() {
        assertThat(numbers(printed(Sheets.withACueBesideTheSecondNote(), PaperSize.A4)
                        .words()))
                .containsSubsequence(0, 59, 72, 80, 60, 71);
    }

    @Test
    void keepsAHeadingWithThePictureThatItIsOf() {
        for (var lines = 8; lines <= 34; lines++) {
            var text = Sheets.typed(Collections.nCopies(lines, paragraph()).toArray(Block[]::new));
            var head = Sheets.typed(new Heading(2, List.of(new Text("Groynes", Set.of()))), paragraph());
            var sheet = new SectionSheet(
                    "Coasts",
                    "Marlo Quist",
                    "Geography",
                    "version 1",
                    List.of(new Page(
                            "Coasts",
                            LocalDate.of(2026, 11, 24),
                            "Week 12",
                            List.of(new ZoneOfPage(
                                    Patterns.FREE.home(),
                                    List.of(
                                            Sheets.entry(text, "", Width.FULL),
                                            Sheets.entry(head, "", Width.FULL),
                                            Sheets.entry(Sheets.photo(800, 600, false), "", Width.FULL)))))),
                    List.of());
            var pictured = printed(sheet, PaperSize.A4).sheets().stream()
                    .filter(one -> !one.pictures().isEmpty())
                    .toList();
            assertThat(pictured).hasSize(1);
            assertThat(pictured.getFirst().beginsWithAPicture())
                    .as("after %d paragraphs", lines)
                    .isFalse();
        }
    }

    private static Block paragraph() {
        return new Paragraph(List.of(new Text("The sand goes along the shore and is caught.", Set.of())));
    }

    private static boolean isRust(BufferedImage dots, double x, double y) {
        for (var dx = -3; dx <= 3; dx++) {
            for (var dy = -3; dy <= 3; dy++) {
                var rgb = dots.getRGB((int) Math.round(x) + dx, (int) Math.round(y) + dy);
                if ((rgb >> 16 & 255) > 130 && (rgb >> 8 & 255) < 90 && (rgb & 255) < 80) {
                    return true;
                }
            }
        }
        return false;
    }

    private static PrintedPdf printed(SectionSheet sheet, PaperSize paper) {
        return PrintedPdf.of(SectionPdf.write(sheet, paper));
    }

    /** The made-up words by their numbers, wherever a line or a column broke them. */
    private static List<Integer> numbers(String words) {
        return Pattern.compile("w([0-9]+)")
                .matcher(words.replaceAll("<svg.*?</svg>|<[^>]*>|\\s", ""))
                .results()
                .map(found -> Integer.parseInt(found.group(1)))
                .toList();
    }
}
