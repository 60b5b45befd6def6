package notchbook.formats.coverage;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.junit.jupiter.api.Test;

class CoverageFilesTest {
    private static final CoverageSheet SHEET = new CoverageSheet(
            "Physics <waves>",
            "NB-412 · exam 2028",
            List.of("58 % of the marks", "14 points bare"),
            List.of(new CoverageSheet.TopicLine(
                    "2 Sound",
                    "2.3",
                    "Echoes",
                    0.125,
                    "weeks 7 and 8",
                    Optional.of(0.615),
                    "2 points bare",
                    List.of(
                            new CoverageSheet.PointLine("2.3a", "=HYPERLINK(\"x\")", 0.0625, "typed, photo", 3),
                            new CoverageSheet.PointLine("2.3b", "Use 2 × d = v × t", 0.0625, "", 0)))));

    @Test
    void leavesAsCsvThatCannotRun() {
        assertThat(new String(CoverageCsv.write(SHEET), UTF_8).lines())
                .containsExactly(
                        "\uFEFFunit,topic,topic title,where it stands,plan,papers %,point,statement,weight %,entries,kinds of evidence",
                        "2 Sound,2.3,Echoes,2 points bare,weeks 7 and 8,61.5,2.3a,\"'=HYPERLINK(\"\"x\"\")\",6.3,3,\"typed, photo\"",
                        "2 Sound,2.3,Echoes,2 points bare,weeks 7 and 8,61.5,2.3b,Use 2 × d = v × t,6.3,0,");
    }

    @Test
    void leavesAsASheetWithNumbersAsNumbersAndTextAsText() throws IOException {
        try (var workbook = new ReadableWorkbook(new ByteArrayInputStream(CoverageXlsx.write(SHEET)))) {
            var rows = workbook.getFirstSheet().read();
            assertThat(rows).hasSize(3);
            assertThat(rows.get(1).getCellText(7)).isEqualTo("=HYPERLINK(\"x\")");
            assertThat(rows.get(1).getCell(7).getFormula()).isNull();
            assertThat(rows.get(1).getCellAsNumber(5).orElseThrow()).isEqualByComparingTo("61.5");
        }
    }

    @Test
    void leavesAsTaggedPdfWithBarePointsSaid() throws IOException {
        try (var pdf = Loader.loadPDF(CoveragePdf.write(SHEET))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Physics <waves>", "58 % of the marks", "=HYPERLINK", "bare", "weeks 7 and 8");
            assertThat(pdf.getDocumentCatalog().getStructureTreeRoot()).isNotNull();
        }
    }
}
