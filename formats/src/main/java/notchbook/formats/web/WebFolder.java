package notchbook.formats.web;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.io.IOException;
import java.io.OutputStream;
import java.util.stream.IntStream;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SheetMedia;
import notchbook.formats.sheet.StyleSheet;
import notchbook.formats.sheet.ZipWriter;

/**
 * A section as a folder of plain HTML, in a ZIP file: {@code index.html} and all that it shows and plays beside it. It opens from a
 * stick, without a network and without a script.
 */
public final class WebFolder {
    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="en"><head><meta charset="utf-8"><title>%s</title>
            <meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex">
            <link rel="stylesheet" href="fonts.css"><link rel="stylesheet" href="book.css"></head><body>
            <header><h1 class="title">%1$s</h1><p class="when">%s</p>
            <nav aria-label="Contents"><ol>%s</ol></nav></header>
            <main>%s</main></body></html>
            """;

    /** The title of the section stands over those of its pages. */
    private static final int BELOW_THE_SECTION = 2;

    private WebFolder() {}

    public static void write(SectionSheet sheet, OutputStream out) throws IOException {
        var book = WebBook.of(sheet, SheetMedia.withAll(), BELOW_THE_SECTION);
        try (var zip = new ZipWriter(out)) {
            zip.put("index.html", page(book));
            zip.put("book.css", StyleSheet.read("/book.css"));
            zip.put("fonts.css", WebFonts.STYLE);
            for (var font : WebFonts.FILES) {
                zip.put("fonts/" + font, WebFonts.read(font));
            }
            for (var part : book.media()) {
                zip.put("", part);
            }
        }
    }

    private static String page(WebBook book) {
        var sheet = book.sheet();
        var chapters = book.chapters();
        return PAGE.formatted(
                escaped(sheet.title()),
                escaped(sheet.from()),
                IntStream.range(0, chapters.size())
                        .mapToObj(at -> "<li><a href=\"#page-%d\">%s</a></li>"
                                .formatted(at, escaped(chapters.get(at).title())))
                        .collect(joining()),
                IntStream.range(0, chapters.size())
                        .mapToObj(at -> "<section id=\"page-%d\">%s</section>"
                                .formatted(at, chapters.get(at).body()))
                        .collect(joining("\n")));
    }
}
