package notchbook.formats.coverage;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** Coverage as XLSX (Office Open XML): a row for each point in force; text stays text and is never a formula. */
public final class CoverageXlsx {
    private static final int FIRST_ROW = 1;

    private CoverageXlsx() {}

    public static byte[] write(CoverageSheet sheet) {
        var out = new ByteArrayOutputStream();
        try (var workbook = new Workbook(out, "Notchbook", "1.0")) {
            var page = workbook.newWorksheet("Coverage");
            for (var column = 0; column < CoverageCsv.HEADINGS.size(); column++) {
                page.value(0, column, CoverageCsv.HEADINGS.get(column));
            }
            page.range(0, 0, 0, CoverageCsv.HEADINGS.size() - 1).style().bold().set();
            var row = FIRST_ROW;
            for (var topic : sheet.topics()) {
                for (var point : topic.points()) {
                    write(page, row++, topic, point);
                }
            }
            page.freezePane(0, FIRST_ROW);
            page.setAutoFilter(0, 0, row - 1, CoverageCsv.HEADINGS.size() - 1);
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
        return out.toByteArray();
    }

    private static void write(Worksheet page, int row, CoverageSheet.TopicLine topic, CoverageSheet.PointLine point) {
        page.value(row, 0, topic.unit());
        page.value(row, 1, topic.code());
        page.value(row, 2, topic.title());
        page.value(row, 3, topic.standing());
        page.value(row, 4, topic.plan());
        topic.paper().ifPresent(share -> page.value(row, 5, 100 * share));
        page.value(row, 6, point.code());
        page.value(row, 7, point.statement());
        page.value(row, 8, 100 * point.weight());
        page.value(row, 9, point.entries());
        page.value(row, 10, point.kinds());
        page.style(row, 5).format("0").set();
        page.style(row, 8).format("0.0").set();
    }
}
