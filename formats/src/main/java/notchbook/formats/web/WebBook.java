package notchbook.formats.web;

import java.util.ArrayList;
import java.util.List;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SheetMedia;

/** A section in chapters, one for each page and reflection, with the files that they refer to. */
record WebBook(SectionSheet sheet, List<Chapter> chapters, List<SheetMedia.Part> media) {
    /** A chapter under its title; {@code body} is XHTML. */
    record Chapter(String title, String body) {
        boolean hasMath() {
            return body.contains("<math");
        }

        boolean hasSvg() {
            return body.contains("<svg");
        }
    }

    /** {@code rank} is that of the chapters' titles. */
    static WebBook of(SectionSheet sheet, SheetMedia media, int rank) {
        var pages = new WebPage(media, rank);
        var chapters = new ArrayList<Chapter>();
        sheet.pages().forEach(page -> chapters.add(new Chapter(page.title(), pages.write(page))));
        sheet.reflections()
                .forEach(reflection -> chapters.add(new Chapter(reflection.title(), pages.write(reflection))));
        return new WebBook(sheet, chapters, media.parts());
    }
}
