package notchbook.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.Sections;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.verapdf.pdfa.flavours.PDFAFlavour;

class PdfStandardsTest {
    static Stream<Named<SectionSheet>> sections() {
        return Sections.all();
    }

    @ParameterizedTest
    @MethodSource("sections")
    void keepsToBothStandards(SectionSheet sheet) {
        var pdf = SectionPdf.write(sheet, PaperSize.A4);
        assertThat(PdfStandards.breaches(pdf, PDFAFlavour.PDFA_2_U, PDFAFlavour.PDFUA_1))
                .isEmpty();
    }
}
