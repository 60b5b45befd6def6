package notchbook.formats.coverage;

import java.util.List;
import java.util.Locale;
import notchbook.formats.csv.CsvWriter;

/** Coverage as CSV: a line for each point in force, shares in per cent. */
public final class CoverageCsv {
    static final List<String> HEADINGS = List.of(
            "unit",
            "topic",
            "topic title",
            "where it stands",
            "plan",
            "papers %",
            "point",
            "statement",
            "weight %",
            "entries",
            "kinds of evidence");

    private CoverageCsv() {}

    public static byte[] write(CoverageSheet sheet) {
        return CsvWriter.write(
                HEADINGS,
                sheet.topics().stream()
                        .flatMap(topic -> topic.points().stream()
                                .map(point -> List.of(
                                        topic.unit(),
                                        topic.code(),
                                        topic.title(),
                                        topic.standing(),
                                        topic.plan(),
                                        topic.paper().map(CoverageCsv::percent).orElse(""),
                                        point.code(),
                                        point.statement(),
                                        percent(point.weight()),
                                        String.valueOf(point.entries()),
                                        point.kinds())))
                        .toList());
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f", 100 * share);
    }
}
