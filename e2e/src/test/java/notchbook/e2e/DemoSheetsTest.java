package notchbook.e2e;

import static java.nio.charset.StandardCharsets.UTF_8;
import static notchbook.formats.web.Zips.read;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import notchbook.formats.pdf.PaperSize;
import notchbook.formats.pdf.PdfStandards;
import notchbook.formats.pdf.PrintedPdf;
import notchbook.formats.web.EpubFindings;
import notchbook.formats.web.HtmlFindings;
import notchbook.formats.word.WordFindings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.verapdf.pdfa.flavours.PDFAFlavour;

/**
 * Every section of the demo school's first student, with those inside it, as a teacher would print it, and as it is taken along.
 */
class DemoSheetsTest {
    @TempDir
    private Path folder;

    private static final String SECTIONS = """
            async () => {
              const read = async (path) => (await fetch(path)).json();
              const contents = (await read('/api/notebooks')).map(({ id }) => read(`/api/notebooks/${id}`));
              const sections = (await Promise.all(contents)).flatMap((notebook) => notebook.sections);
              return sections.filter(({ parent }) => !parent).map(({ id }) => id);
            }""";

    @Test
    void keepEverythingWithinTheMarginsAndLeaveNoSheetHalfEmpty() {
        try (var chrome = new Chrome()) {
            var page = chrome.signedIn("marlo");
            var faults = new ArrayList<String>();
            var sheets = 0;
            for (var section : (List<?>) page.evaluate(SECTIONS)) {
                for (var paper : PaperSize.values()) {
                    var pdf = printed(page, section, paper);
                    sheets += pdf.sheets().size();
                    pdf.outside().forEach(fault -> faults.add(section + " on " + paper + ", " + fault));
                    pdf.halfEmptyBeforeAPicture(paper)
                            .forEach(fault -> faults.add(section + " on " + paper + ", " + fault));
                }
            }
            System.out.printf("%d sheets of the demo's sections printed%n", sheets);
            assertThat(sheets).isGreaterThan(40);
            assertThat(faults).isEmpty();
        }
    }

    /** With their sounds, files, formulas, links and what was written on paper. */
    @Test
    void keepToTheStandardsInEachFormThatHasOne() throws IOException {
        var breaches = new ArrayList<String>();
        var pages = new TreeMap<String, String>();
        try (var chrome = new Chrome()) {
            var page = chrome.signedIn("marlo");
            for (var section : (List<?>) page.evaluate(SECTIONS)) {
                var copy = new SectionCopy(page, section);
                var attached = copy.as("PDF", Map.of("isBook", true, "sounds", "ATTACHED"));
                PdfStandards.breaches(attached, PDFAFlavour.PDFA_3_U, PDFAFlavour.PDFUA_1)
                        .forEach(breach -> breaches.add(section + " as PDF: " + breach));
                var book = Files.write(folder.resolve("book.epub"), copy.as("EPUB", Map.of()));
                EpubFindings.of(book).forEach(breach -> breaches.add(section + " as EPUB: " + breach));
                WordFindings.of(copy.as("WORD", Map.of()))
                        .forEach(breach -> breaches.add(section + " as DOCX: " + breach));
                var index = read(copy.as("WEB", Map.of())).get("index.html");
                pages.put(String.valueOf(section), new String(index, UTF_8));
            }
        }
        breaches.addAll(HtmlFindings.of(pages));
        assertThat(breaches).isEmpty();
    }

    private static PrintedPdf printed(Page page, Object section, PaperSize paper) {
        return PrintedPdf.of(new SectionCopy(page, section).as("PDF", Map.of("paper", paper.name())));
    }
}
