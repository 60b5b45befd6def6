package notchbook.formats.pdf;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.stream.IntStream;
import notchbook.formats.sheet.SectionSheet;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;

/** What stands before the first page of a book: its title page and its contents. */
final class FrontMatter {
    private FrontMatter() {}

    static String html(SectionSheet sheet) {
        return "<div class=\"front\"><h1>%s</h1><p>%s</p><p>%s</p><p class=\"when\">%s</p></div><div class=\"front\"><h2>Contents</h2>%s</div>"
                .formatted(
                        escaped(sheet.title()),
                        escaped(sheet.student()),
                        escaped(sheet.notebook()),
                        escaped(sheet.version()),
                        contents(sheet));
    }

    /** The bookmarks that a reader of PDF shows beside the pages. */
    static String bookmarks(SectionSheet sheet) {
        return "<bookmarks>"
                + IntStream.range(0, sheet.titles().size())
                        .mapToObj(at -> "<bookmark name=\"%s\" href=\"#%s\"/>"
                                .formatted(escaped(sheet.titles().get(at)), anchor(at)))
                        .collect(joining())
                + "</bookmarks>";
    }

    static String anchor(int at) {
        return "page-" + at;
    }

    /** How many sheets stand before the first that a bookmark leads to. */
    static int sheets(PDDocument document) {
        var outline = document.getDocumentCatalog().getDocumentOutline();
        var first = outline == null ? null : outline.getFirstChild();
        return first == null ? document.getNumberOfPages() : pageOf(document, first);
    }

    private static int pageOf(PDDocument document, PDOutlineItem item) {
        try {
            return document.getPages().indexOf(item.findDestinationPage(document));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private static String contents(SectionSheet sheet) {
        return IntStream.range(0, sheet.titles().size())
                .mapToObj(at ->
                        "<tr><td><a href=\"#%s\" title=\"%2$s\">%2$s</a></td><td class=\"number\"><a href=\"#%1$s\" title=\"Sheet\"></a></td></tr>"
                                .formatted(anchor(at), escaped(sheet.titles().get(at))))
                .collect(joining("", "<table class=\"contents\">", "</table>"));
    }
}
