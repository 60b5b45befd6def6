package notchbook.formats.pdf;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.stream.IntStream;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.Reflection;

/** A section as one XHTML page, the way in to the PDF. Everything a student typed is escaped. */
final class SectionHtml {
    private SectionHtml() {}

    static String write(SectionSheet sheet, PdfWish wish, String css) {
        var pages = new PageHtml(wish);
        return """
                <html xmlns="http://www.w3.org/1999/xhtml" lang="en"><head><title>%s</title>
                <meta name="author" content="%s"/><meta name="subject" content="%s"/><style>%s</style>%s</head><body>
                %s%s%s</body></html>""".formatted(
                        escaped(sheet.title()),
                        escaped(sheet.student()),
                        escaped(sheet.notebook()),
                        css,
                        FrontMatter.bookmarks(sheet),
                        wish.isBook() ? FrontMatter.html(sheet) : head(sheet),
                        IntStream.range(0, sheet.pages().size())
                                .mapToObj(at -> pages.write(sheet.pages().get(at), FrontMatter.anchor(at)))
                                .collect(joining()),
                        IntStream.range(0, sheet.reflections().size())
                                .mapToObj(at -> reflection(
                                        sheet.reflections().get(at),
                                        FrontMatter.anchor(sheet.pages().size() + at)))
                                .collect(joining()));
    }

    private static String head(SectionSheet sheet) {
        return "<h1>%s</h1><p class=\"from\">%s</p>".formatted(escaped(sheet.title()), escaped(sheet.from()));
    }

    private static String reflection(Reflection reflection, String anchor) {
        var chosen = reflection.chosen().isEmpty()
                ? ""
                : "<p class=\"when\">Looks back on: " + escaped(String.join(" · ", reflection.chosen())) + "</p>";
        var answers = reflection.answers().stream()
                .map(answer -> "<h3>" + escaped(answer.question()) + "</h3><p>"
                        + escaped(answer.text()).replace("\n", "<br/>") + "</p>")
                .collect(joining());
        return "<div class=\"page\" id=\"" + anchor + "\"><h2>" + escaped(reflection.title()) + "</h2>" + chosen
                + answers + "</div>";
    }
}
