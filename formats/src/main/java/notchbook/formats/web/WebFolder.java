package notchbook.formats.web;

import java.io.IOException;
import java.io.OutputStream;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SheetMedia;
import notchbook.formats.sheet.StyleSheet;
import notchbook.formats.sheet.ZipWriter;

/**
 * A section as a folder of plain HTML, in a ZIP file: {@code index.html} and all that it shows and plays beside it. It opens from a
 * stick, without a network and without a script.
 */
public final class WebFolder {
    private static final String STYLES =
            "<link rel=\"stylesheet\" href=\"fonts.css\"><link rel=\"stylesheet\" href=\"book.css\">";

    /** The title of the section stands over those of its pages. */
    private static final int BELOW_THE_SECTION = 2;

    private WebFolder() {}

    public static void write(SectionSheet sheet, OutputStream out) throws IOException {
        var book = WebBook.of(sheet, SheetMedia.withAll(), BELOW_THE_SECTION);
        try (var zip = new ZipWriter(out)) {
            zip.put("index.html", book.page(STYLES));
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
}
