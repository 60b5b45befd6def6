package notchbook.formats.pdf;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import notchbook.formats.pdf.SectionSheet.Reflection;

/** A section as one XHTML page, the way in to the PDF. Everything a student typed is escaped. */
final class SectionHtml {
    private SectionHtml() {}

    static String write(SectionSheet sheet, PaperSize paper, String css) {
        var pages = new PageHtml(paper);
        return """
                <html xmlns="http://www.w3.org/1999/xhtml" lang="en"><head><title>%s</title>
                <meta name="author" content="%s"/><meta name="subject" content="%s"/><style>%s</style></head><body>
                <h1>%s</h1><p class="from">%s</p>%s%s</body></html>""".formatted(
                escaped(sheet.title()),
                escaped(sheet.student()),
                escaped(sheet.notebook()),
                css,
                escaped(sheet.title()),
                escaped(sheet.student() + " · " + sheet.notebook() + " · " + sheet.version()),
                sheet.pages().stream().map(pages::write).collect(joining()),
                sheet.reflections().stream().map(SectionHtml::reflection).collect(joining()));
    }

    private static String reflection(Reflection reflection) {
        var chosen = reflection.chosen().isEmpty()
                ? ""
                : "<p class=\"when\">Looks back on: " + escaped(String.join(" · ", reflection.chosen())) + "</p>";
        var answers = reflection.answers().stream()
                .map(answer -> "<h3>" + escaped(answer.question()) + "</h3><p>"
                        + escaped(answer.text()).replace("\n", "<br/>") + "</p>")
                .collect(joining());
        return "<div class=\"page\"><h2>" + escaped(reflection.title()) + "</h2>" + chosen + answers + "</div>";
    }
}
