package notchbook.formats.link;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import notchbook.core.link.Clip;
import notchbook.core.source.Published;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jspecify.annotations.Nullable;

/**
 * What a web page says of itself, as plain words: by the Open Graph properties in its head (ogp.me), else by its title
 * and description; who wrote it and when, as far as its head or a time in its text says so; the clip that it is about. Any part may be
 * blank. {@code embedding} is where its site says more of it (oEmbed).
 */
public record PageCard(
        String title,
        String description,
        String site,
        Optional<URI> picture,
        String author,
        String published,
        Optional<Clip> clip,
        Optional<URI> embedding) {
    private static final List<String> DAYS =
            List.of("article:published_time", "og:published_time", "citation_publication_date", "dcterms.date", "date");
    private static final int LONGEST_TITLE = 300;
    private static final int LONGEST_DESCRIPTION = 1_000;
    private static final int LONGEST_SITE = 200;
    private static final int LONGEST_AUTHOR = 200;

    /** Reads HTML from its bytes; {@code charset} is what the server said, and the page itself is asked where it said none. */
    public static PageCard read(byte[] html, Optional<String> charset, URI address) {
        var page = parsed(html, charset.orElse(null), address);
        return new PageCard(
                first(LONGEST_TITLE, Stream.of(property(page, "og:title"), page.title(), heading(page))),
                first(LONGEST_DESCRIPTION, Stream.of(property(page, "og:description"), property(page, "description"))),
                first(LONGEST_SITE, Stream.of(property(page, "og:site_name"), address.getHost())),
                resolved(property(page, "og:image"), address),
                first(
                        LONGEST_AUTHOR,
                        Stream.of("author", "article:author", "citation_author")
                                .map(name -> property(page, name))
                                .filter(name -> !name.contains("://"))),
                published(page),
                PageClip.in(page, address),
                embedding(page, address));
    }

    /** What stands at an address is a film or sound itself: it is called as its file is. */
    public static PageCard ofFile(URI address, Clip.Form form) {
        var path = Optional.ofNullable(address.getPath()).orElse("");
        return new PageCard(
                first(LONGEST_TITLE, Stream.of(path.substring(path.lastIndexOf('/') + 1), address.getHost())),
                "",
                address.getHost(),
                Optional.empty(),
                "",
                "",
                Clip.of(address.toString(), form, Optional.empty()),
                Optional.empty());
    }

    /** The same, with what the page does not say of itself said by its site. */
    public PageCard or(Embedding said) {
        return new PageCard(
                title.isEmpty() ? shortened(said.title(), LONGEST_TITLE) : title,
                description,
                site,
                picture.or(said::picture),
                author.isEmpty() ? shortened(said.author(), LONGEST_AUTHOR) : author,
                published,
                clip.map(found -> found.or(said.clip().flatMap(Clip::lengthSeconds)))
                        .or(said::clip),
                embedding);
    }

    private static Optional<URI> embedding(Document page, URI address) {
        var link = page.selectFirst("link[type=application/json+oembed][href]");
        return link == null ? Optional.empty() : resolved(link.attr("href"), address);
    }

    private static String published(Document page) {
        var time = page.selectFirst("article time[datetime], time[pubdate]");
        return Stream.concat(
                        DAYS.stream().map(name -> property(page, name)),
                        Stream.of(time == null ? "" : time.attr("datetime")))
                .filter(words -> !words.isBlank())
                .flatMap(words -> readable(words).stream())
                .findFirst()
                .orElse("");
    }

    private static Optional<String> readable(String words) {
        try {
            return Optional.of(Published.read(words));
        } catch (IllegalArgumentException noDay) {
            return Optional.empty();
        }
    }

    private static Document parsed(byte[] html, @Nullable String charset, URI address) {
        try {
            return Jsoup.parse(new ByteArrayInputStream(html), charset, address.toString());
        } catch (IOException | IllegalArgumentException unknownCharset) {
            return parsedAsUtf8(html, address);
        }
    }

    private static Document parsedAsUtf8(byte[] html, URI address) {
        try {
            return Jsoup.parse(new ByteArrayInputStream(html), "UTF-8", address.toString());
        } catch (IOException inMemory) {
            throw new UncheckedIOException(inMemory);
        }
    }

    static String property(Document page, String name) {
        return page.select("meta[property=\"%1$s\"], meta[name=\"%1$s\"]".formatted(name)).stream()
                .map(meta -> meta.attr("content"))
                .filter(content -> !content.isBlank())
                .findFirst()
                .orElse("");
    }

    private static String heading(Document page) {
        var heading = page.selectFirst("h1");
        return heading == null ? "" : heading.text();
    }

    private static String first(int longest, Stream<String> wordings) {
        return wordings.map(PageCard::line)
                .filter(words -> !words.isEmpty())
                .findFirst()
                .map(words -> shortened(words, longest))
                .orElse("");
    }

    private static String shortened(String words, int longest) {
        return words.length() <= longest ? words : words.substring(0, longest - 1) + "…";
    }

    /** Words on one line. */
    static String line(String words) {
        return words.replaceAll("[\\s\\p{Cntrl}]+", " ").strip();
    }

    /** An address in a page, as a whole one. */
    static Optional<URI> resolved(String named, URI address) {
        try {
            return named.isBlank() ? Optional.empty() : Optional.of(address.resolve(named.strip()));
        } catch (IllegalArgumentException noAddress) {
            return Optional.empty();
        }
    }
}
