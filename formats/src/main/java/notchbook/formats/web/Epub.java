package notchbook.formats.web;

import static java.util.stream.Collectors.collectingAndThen;
import static java.util.stream.Collectors.joining;
import static notchbook.formats.xml.Xml.escaped;

import java.io.IOException;
import java.io.OutputStream;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.sheet.SheetMedia;
import notchbook.formats.sheet.StyleSheet;
import notchbook.formats.sheet.ZipWriter;

/**
 * A section as a book for any reader (EPUB 3.3): a chapter for each page, text that flows, formulas as MathML, sounds and clips
 * inside, and what is said in sounds lit as it is heard.
 */
public final class Epub {
    /** The media type of Opus in Ogg, as it stands in a book. */
    public static final String OPUS = "audio/ogg; codecs=opus";

    private static final String CONTAINER =
            "<?xml version=\"1.0\" encoding=\"UTF-8\"?><container version=\"1.0\" xmlns=\"urn:oasis:names:tc:opendocument:xmlns:container\"><rootfiles><rootfile full-path=\"book/book.opf\" media-type=\"application/oebps-package+xml\"/></rootfiles></container>";

    private static final String CHAPTER = """
            <?xml version="1.0" encoding="UTF-8"?>
            <!DOCTYPE html>
            <html xmlns="http://www.w3.org/1999/xhtml" lang="en" xml:lang="en"><head><title>%s</title><link rel="stylesheet" href="book.css"/></head><body>%s</body></html>
            """;

    private static final String PACKAGE = """
            <?xml version="1.0" encoding="UTF-8"?>
            <package xmlns="http://www.idpf.org/2007/opf" version="3.0" unique-identifier="id" xml:lang="en">
            <metadata xmlns:dc="http://purl.org/dc/elements/1.1/">
            <dc:identifier id="id">urn:uuid:%s</dc:identifier><dc:title>%s</dc:title><dc:language>en</dc:language>
            <dc:creator>%s</dc:creator><dc:description>%s</dc:description>
            <meta property="dcterms:modified">%s</meta>
            <meta property="schema:accessMode">textual</meta><meta property="schema:accessMode">visual</meta>
            <meta property="schema:accessModeSufficient">textual</meta>
            <meta property="schema:accessibilityFeature">tableOfContents</meta>
            <meta property="schema:accessibilityFeature">alternativeText</meta>
            <meta property="schema:accessibilityFeature">MathML</meta>
            <meta property="schema:accessibilityHazard">none</meta>
            <meta property="schema:accessibilitySummary">Text that flows, headings, and words for every picture.</meta>
            %s</metadata>
            <manifest>%s</manifest>
            <spine>%s</spine></package>
            """;

    /** Sounds that every reader plays as they are (EPUB 3.3, core media types). */
    private static final Set<String> PLAYED = Set.of("audio/mpeg", "audio/mp4", OPUS);

    private static final int CHAPTER_RANK = 1;

    private Epub() {}

    /** What a reader knows a book by, and when it was last changed. */
    public record Edition(UUID id, Instant at) {}

    /**
     * Sounds of other kinds go through {@code asOpus}, which gives them as {@link #OPUS}, or nothing where it can't. Files that are
     * no sound and no clip are named, and stay out: a reader of books opens none.
     */
    public static void write(
            SectionSheet sheet, Edition edition, Function<MediaFile, Optional<MediaFile>> asOpus, OutputStream out)
            throws IOException {
        var media = new SheetMedia(file -> played(file, asOpus));
        var book = WebBook.of(sheet, media, CHAPTER_RANK);
        var overlays = overlays(sheet, media);
        try (var zip = new ZipWriter(out)) {
            zip.putPlain("mimetype", "application/epub+zip");
            zip.put("META-INF/container.xml", CONTAINER);
            zip.put("book/book.opf", packageOf(book, overlays, edition));
            zip.put(
                    "book/nav.xhtml",
                    CHAPTER.formatted("Contents", nav(book))
                            .replace("<html ", "<html xmlns:epub=\"http://www.idpf.org/2007/ops\" "));
            zip.put("book/book.css", StyleSheet.read("/book.css"));
            zip.put("book/title.xhtml", CHAPTER.formatted(escaped(sheet.title()), titlePage(sheet)));
            for (var chapterAt = 0; chapterAt < book.chapters().size(); chapterAt++) {
                var chapter = book.chapters().get(chapterAt);
                zip.put("book/" + name(chapterAt), CHAPTER.formatted(escaped(chapter.title()), chapter.body()));
            }
            for (var overlay : overlays.entrySet()) {
                zip.put(
                        "book/" + overlayName(overlay.getKey()),
                        overlay.getValue().smil());
            }
            for (var part : book.media()) {
                zip.put("book/", part);
            }
        }
    }

    private static Optional<MediaFile> played(MediaFile file, Function<MediaFile, Optional<MediaFile>> asOpus) {
        if (PLAYED.contains(file.type()) || file.type().startsWith("video/")) {
            return Optional.of(file);
        }
        return file.type().startsWith("audio/") ? asOpus.apply(file) : Optional.empty();
    }

    /** What is said in the chapters of pages, by the chapter; those of reflections come after them and say nothing. */
    private static SortedMap<Integer, Overlay> overlays(SectionSheet sheet, SheetMedia media) {
        var overlays = new TreeMap<Integer, Overlay>();
        for (var at = 0; at < sheet.pages().size(); at++) {
            var chapterAt = at;
            Overlay.of(sheet.pages().get(at), name(at), media).ifPresent(overlay -> overlays.put(chapterAt, overlay));
        }
        return overlays;
    }

    private static String name(int at) {
        return "page-%03d.xhtml".formatted(at + 1);
    }

    private static String overlayName(int at) {
        return "page-%03d.smil".formatted(at + 1);
    }

    private static String titlePage(SectionSheet sheet) {
        return "<h1 class=\"title\">%s</h1><p>%s</p><p>%s</p><p class=\"when\">%s</p>"
                .formatted(
                        escaped(sheet.title()),
                        escaped(sheet.student()),
                        escaped(sheet.notebook()),
                        escaped(sheet.version()));
    }

    private static String nav(WebBook book) {
        var lines = IntStream.range(0, book.chapters().size())
                .mapToObj(at -> "<li><a href=\"%s\">%s</a></li>"
                        .formatted(name(at), escaped(titleOf(book.chapters().get(at)))))
                .collect(joining());
        return "<nav epub:type=\"toc\" id=\"toc\"><h1>Contents</h1><ol><li><a href=\"title.xhtml\">Title page</a></li>"
                + lines + "</ol></nav>";
    }

    private static String titleOf(WebBook.Chapter chapter) {
        return chapter.title().isBlank() ? "Page" : chapter.title();
    }

    private static String packageOf(WebBook book, SortedMap<Integer, Overlay> overlays, Edition edition) {
        var sheet = book.sheet();
        return PACKAGE.formatted(
                edition.id(),
                escaped(sheet.title()),
                escaped(sheet.student()),
                escaped(sheet.notebook() + " · " + sheet.version()),
                edition.at().truncatedTo(ChronoUnit.SECONDS),
                overlays.isEmpty() ? "" : heard(overlays),
                manifest(book, overlays),
                spine(book));
    }

    /** How long each overlay and all of them take, and the look of the line that is heard. */
    private static String heard(SortedMap<Integer, Overlay> overlays) {
        var all = overlays.values().stream().mapToLong(Overlay::millis).sum();
        return overlays.entrySet().stream()
                .map(one -> "<meta property=\"media:duration\" refines=\"#said-%d\">%s</meta>\n"
                        .formatted(
                                one.getKey() + 1, Overlay.clock(one.getValue().millis())))
                .collect(joining(
                        "",
                        "<meta property=\"schema:accessibilityFeature\">synchronizedAudioText</meta>\n",
                        "<meta property=\"media:duration\">%s</meta>\n<meta property=\"media:active-class\">said-now</meta>\n"
                                .formatted(Overlay.clock(all))));
    }

    private static String manifest(WebBook book, SortedMap<Integer, Overlay> overlays) {
        var chapters = IntStream.range(0, book.chapters().size())
                .mapToObj(at -> item(
                        "page-" + (at + 1),
                        name(at),
                        "application/xhtml+xml",
                        properties(book, at)
                                + (overlays.containsKey(at) ? attribute("media-overlay", "said-" + (at + 1)) : "")));
        var said = overlays.keySet().stream()
                .map(at -> item("said-" + (at + 1), overlayName(at), "application/smil+xml", ""));
        var media = IntStream.range(0, book.media().size()).mapToObj(at -> {
            var part = book.media().get(at);
            return item("media-" + (at + 1), part.path(), part.type(), "");
        });
        return Stream.of(
                        Stream.of(
                                item("nav", "nav.xhtml", "application/xhtml+xml", attribute("properties", "nav")),
                                item("title", "title.xhtml", "application/xhtml+xml", ""),
                                item("css", "book.css", "text/css", "")),
                        chapters,
                        said,
                        media)
                .flatMap(parts -> parts)
                .collect(joining("\n"));
    }

    private static String properties(WebBook book, int at) {
        var chapter = book.chapters().get(at);
        return Stream.of(chapter.hasMath() ? "mathml" : "", chapter.hasSvg() ? "svg" : "")
                .filter(name -> !name.isEmpty())
                .collect(collectingAndThen(joining(" "), names -> attribute("properties", names)));
    }

    private static String attribute(String name, String value) {
        return value.isEmpty() ? "" : " %s=\"%s\"".formatted(name, value);
    }

    private static String item(String id, String path, String type, String attributes) {
        return "<item id=\"%s\" href=\"%s\" media-type=\"%s\"%s/>".formatted(id, path, type, attributes);
    }

    private static String spine(WebBook book) {
        return "<itemref idref=\"title\"/>"
                + IntStream.rangeClosed(1, book.chapters().size())
                        .mapToObj("<itemref idref=\"page-%d\"/>"::formatted)
                        .collect(joining());
    }
}
