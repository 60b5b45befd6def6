package notchbook.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import notchbook.formats.pdf.PaperSize;
import notchbook.formats.pdf.PrintedPdf;
import org.junit.jupiter.api.Test;

/** Every section of the demo school's first student, as a teacher would print it. */
class DemoSheetsTest {
    private static final String SECTIONS = """
            async () => {
              const read = async (path) => (await fetch(path)).json();
              const contents = (await read('/api/notebooks')).map(({ id }) => read(`/api/notebooks/${id}`));
              return (await Promise.all(contents)).flatMap(({ sections }) => sections.map(({ id }) => id));
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

    private static PrintedPdf printed(Page page, Object section, PaperSize paper) {
        return PrintedPdf.of(page.context()
                .request()
                .get("%s/api/sections/%s/pdf?paper=%s".formatted(Stage.address(), section, paper))
                .body());
    }
}
