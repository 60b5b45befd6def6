package notchbook.formats.coverage;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import notchbook.formats.pdf.TaggedPdf;
import notchbook.formats.sheet.StyleSheet;

/** Coverage as a tagged PDF to print: the figures, then topic by topic the points, bare ones with an empty box. */
public final class CoveragePdf {
    private static final String PAGE = """
            <html xmlns="http://www.w3.org/1999/xhtml" lang="en"><head><title>%s</title>
            <meta name="subject" content="%s"/><style>%s</style></head><body>
            <h1>%s</h1><p class="from">%s</p><p class="figures">%s</p>%s</body></html>""";

    private static final String TOPIC = """
            <h2>%s %s</h2><p class="from">%s of the marks%s%s · <b>%s</b></p>
            <table><tr><th>Point</th><th>What it says</th><th>Evidence</th><th>Weight</th></tr>%s</table>""";

    private CoveragePdf() {}

    public static byte[] write(CoverageSheet sheet) {
        var title = escaped(sheet.title());
        return TaggedPdf.write(PAGE.formatted(
                title,
                escaped(sheet.subtitle()),
                StyleSheet.read("/coverage.css"),
                title,
                escaped(sheet.subtitle()),
                sheet.figures().stream()
                        .map(figure -> "<b>" + escaped(figure) + "</b>")
                        .collect(joining(" · ")),
                sheet.topics().stream().map(CoveragePdf::topic).collect(joining())));
    }

    private static String topic(CoverageSheet.TopicLine topic) {
        return TOPIC.formatted(
                escaped(topic.code()),
                escaped(topic.title()),
                percent(topic.weight()),
                topic.plan().isEmpty() ? "" : " · " + escaped(topic.plan()),
                topic.paper()
                        .map(share -> " · " + percent(share) + " on papers")
                        .orElse(""),
                escaped(topic.standing()),
                topic.points().stream().map(CoveragePdf::point).collect(joining()));
    }

    private static String point(CoverageSheet.PointLine point) {
        return "<tr><td>%s</td><td>%s</td><td>%s</td><td>%s</td></tr>"
                .formatted(
                        escaped(point.code()),
                        escaped(point.statement()),
                        point.entries() == 0 ? "<i>bare</i>" : escaped(point.kinds()) + " (" + point.entries() + ")",
                        percent(point.weight()));
    }

    private static String percent(double share) {
        return Math.round(1000 * share) / 10.0 + " %";
    }
}
