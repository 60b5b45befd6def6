package notchbook.formats.gather;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.util.ArrayDeque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import notchbook.core.link.WebLink;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Entities;
import org.jsoup.parser.Parser;
import org.jsoup.parser.StreamParser;

/**
 * The bookmarks file that browsers write: folders as lists within lists, links with their addresses. It is read as it comes, so that
 * 20,000 links with their icons take no more memory than one.
 */
public final class Bookmarks {
    private static final int MOST = 50_000;
    private static final int DEEPEST = 100;
    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_FOLDER = 120;
    private static final String WITHIN = " › ";

    private Bookmarks() {}

    /** Whether a file is one, by how it begins. */
    public static boolean isOne(String begin) {
        return begin.stripLeading().regionMatches(true, 0, "<!DOCTYPE NETSCAPE-Bookmark-file", 0, 32);
    }

    /**
     * Gives each link that leads to the web to {@code each}, in the order of the file.
     *
     * @return how many were left out, as they lead elsewhere
     * @throws IllegalArgumentException with a sentence for the sender, when there are too many
     */
    public static int read(InputStream file, Consumer<Bookmark> each) throws IOException {
        var leftOut = 0;
        var count = 0;
        try (var stream =
                new StreamParser(Parser.htmlParser().setTrackErrors(0)).parse(new InputStreamReader(file, UTF_8), "")) {
            for (var at = stream.iterator(); at.hasNext(); ) {
                var element = at.next();
                if (!element.normalName().equals("a") || !element.hasAttr("href")) {
                    continue;
                }
                if (++count > MOST) {
                    throw new IllegalArgumentException("The file has more than 50,000 links. Send it in parts.");
                }
                var link = WebLink.parse(element.attr("href"));
                if (link.isPresent()) {
                    each.accept(bookmark(element, link.get()));
                } else {
                    leftOut++;
                }
                element.remove();
            }
        }
        return leftOut;
    }

    private static Bookmark bookmark(Element link, WebLink to) {
        var title = cut(link.text().strip(), LONGEST_TITLE);
        return new Bookmark(
                title.isEmpty() ? to.address().getHost() : title, to.address().toString(), folder(link), "");
    }

    private static String cut(String words, int longest) {
        return words.length() <= longest ? words : words.substring(0, longest - 1) + "…";
    }

    /** A folder's name stands before its list. The inner ones count most where all of them together are too long. */
    private static String folder(Element link) {
        var names = new ArrayDeque<String>();
        var depth = 0;
        for (var at = link.parent(); at != null && depth < DEEPEST; at = at.parent(), depth++) {
            var before = at.normalName().equals("dl") ? at.previousElementSibling() : null;
            var name = before == null ? "" : named(before);
            if (!name.isEmpty()) {
                names.addFirst(name);
            }
        }
        while (names.size() > 1 && String.join(WITHIN, names).length() > LONGEST_FOLDER) {
            names.removeFirst();
        }
        return cut(String.join(WITHIN, names), LONGEST_FOLDER);
    }

    private static String named(Element before) {
        var heading = before.normalName().equals("h3") ? before : before.selectFirst("h3");
        return heading == null ? "" : heading.text().strip();
    }

    /** A bookmarks file of some links, those of one folder together. */
    public static String write(String title, List<Bookmark> links) {
        var folders = new LinkedHashMap<String, StringBuilder>();
        links.forEach(link -> folders.computeIfAbsent(link.folder(), any -> new StringBuilder())
                .append(line(link)));
        var text = new StringBuilder("""
                <!DOCTYPE NETSCAPE-Bookmark-file-1>
                <META HTTP-EQUIV="Content-Type" CONTENT="text/html; charset=UTF-8">
                <TITLE>%1$s</TITLE>
                <H1>%1$s</H1>
                <DL><p>
                """.formatted(escaped(title)));
        folders.entrySet().stream().map(Bookmarks::list).forEach(text::append);
        return text.append("</DL><p>\n").toString();
    }

    private static String list(Map.Entry<String, StringBuilder> folder) {
        return folder.getKey().isEmpty()
                ? folder.getValue().toString()
                : "<DT><H3>%s</H3>\n<DL><p>\n%s</DL><p>\n".formatted(escaped(folder.getKey()), folder.getValue());
    }

    private static String line(Bookmark link) {
        var note = link.note().isBlank() ? "" : "<DD>" + escaped(link.note()) + "\n";
        return "<DT><A HREF=\"%s\">%s</A>\n%s".formatted(escaped(link.url()), escaped(link.title()), note);
    }

    private static String escaped(String words) {
        return Entities.escape(words).replace("\"", "&quot;");
    }
}
