package notchbook.app.gather;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.collection.CitedThings;
import notchbook.app.collection.Collections;
import notchbook.app.collection.Details;
import notchbook.app.collection.Item;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.view.BoardPicture;
import notchbook.core.collection.Detail;
import notchbook.core.source.Cited;
import notchbook.core.source.Source;
import notchbook.formats.csv.CsvWriter;
import notchbook.formats.gather.Bookmark;
import notchbook.formats.gather.Bookmarks;
import notchbook.formats.source.BibTex;
import notchbook.formats.source.CslJson;
import notchbook.formats.source.Ris;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;

/** A collection as files that other programs read. */
@Component
class FilesOut {
    private static final List<String> FIRST = List.of("Name", "Address", "Heading", "Why I kept it", "Note");
    private static final List<String> LAST = List.of("Written by", "Published", "Stands in", "Looked at on", "Trust");

    private final Collections collections;
    private final Details details;
    private final CitedThings cited;
    private final BoardPicture board;

    FilesOut(Collections collections, Details details, CitedThings cited, BoardPicture board) {
        this.collections = collections;
        this.details = details;
        this.cited = cited;
        this.board = board;
    }

    enum Form {
        TABLE,
        BOOKMARKS,
        BIBTEX,
        RIS,
        CSL_JSON,
        BOARD
    }

    ResponseEntity<byte[]> of(Person reader, UUID id, Form form) {
        var title = collections.titleOf(reader, id);
        return switch (form) {
            case TABLE -> Download.csv(title, table(reader, id));
            case BOOKMARKS -> text(title, "html", "text/html", Bookmarks.write(title, bookmarks(reader, id)));
            case BIBTEX -> text(title, "bib", "application/x-bibtex", BibTex.write(cited.of(reader, id)));
            case RIS -> text(title, "ris", "application/x-research-info-systems", Ris.write(cited.of(reader, id)));
            case CSL_JSON ->
                text(title, "json", "application/vnd.citationstyles.csl+json", CslJson.write(cited.of(reader, id)));
            case BOARD -> text(title, "svg", "image/svg+xml", board.of(reader, id));
        };
    }

    private static ResponseEntity<byte[]> text(String title, String ending, String type, String content) {
        return Download.of(title, ending, MediaType.parseMediaType(type), content.getBytes(UTF_8));
    }

    private List<Bookmark> bookmarks(Person reader, UUID id) {
        return collections.itemsOf(reader, id).stream()
                .flatMap(item -> item.url().stream()
                        .map(url -> new Bookmark(
                                item.title(),
                                url,
                                item.told().heading(),
                                item.told().why())))
                .toList();
    }

    private byte[] table(Person reader, UUID id) {
        var known = details.of(reader, id);
        var sources = cited.of(reader, id).stream().collect(toMap(Cited::id, identity()));
        var headings = Stream.of(FIRST.stream(), known.stream().map(FilesOut::heading), LAST.stream())
                .flatMap(some -> some)
                .toList();
        return CsvWriter.write(
                headings,
                collections.itemsOf(reader, id).stream()
                        .map(item -> row(item, known, Optional.ofNullable(sources.get(item.id()))))
                        .toList());
    }

    private static String heading(Detail detail) {
        return detail.unit().isEmpty() ? detail.name() : "%s (%s)".formatted(detail.name(), detail.unit());
    }

    private static List<String> row(Item item, List<Detail> known, Optional<Cited> cited) {
        var source = cited.map(Cited::source).orElse(Source.UNKNOWN);
        return Stream.of(
                        Stream.of(
                                cited.map(Cited::title).orElse(item.title()),
                                item.url().orElse(""),
                                item.told().heading(),
                                item.told().why(),
                                item.note().words()),
                        known.stream()
                                .map(detail -> String.join("; ", item.told().of(detail.id()))),
                        Stream.of(
                                String.join("; ", source.authors()),
                                source.published(),
                                source.where(),
                                source.lookedAt().map(Object::toString).orElse(""),
                                source.trust()
                                        .map(trust -> trust.name().toLowerCase(Locale.ROOT))
                                        .orElse("")))
                .flatMap(some -> some)
                .toList();
    }
}
