package notchbook.formats.web;

import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.IntStream;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SheetMedia;

/** A section in chapters, one for each page and reflection, with the files that they refer to. */
record WebBook(SectionSheet sheet, List<Chapter> chapters, List<SheetMedia.Part> media) {
    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="en"><head><meta charset="utf-8"><title>%s</title>
            <meta name="viewport" content="width=device-width, initial-scale=1"><meta name="robots" content="noindex">
            %s</head><body>
            <header><h1 class="title">%1$s</h1><p class="when">%s</p>
            <nav aria-label="Contents"><ol>%s</ol></nav></header>
            <main>%s</main></body></html>
            """;

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

    /** All of it as one page of HTML without a script; {@code styles} are the elements of its head that say how it looks. */
    String page(String styles) {
        return PAGE.formatted(
                escaped(sheet.title()),
                styles,
                escaped(sheet.from()),
                inOrder("<li><a href=\"#page-%d\">%s</a></li>", chapter -> escaped(chapter.title())),
                inOrder("<section id=\"page-%d\">%s</section>\n", Chapter::body));
    }

    private String inOrder(String element, Function<Chapter, String> content) {
        return IntStream.range(0, chapters.size())
                .mapToObj(at -> element.formatted(at, content.apply(chapters.get(at))))
                .collect(joining());
    }
}
