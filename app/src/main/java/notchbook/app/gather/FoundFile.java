package notchbook.app.gather;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.app.collection.Told;
import notchbook.app.gather.FoundThings.FoundThing;
import notchbook.core.collection.Detail;
import notchbook.core.collection.DetailKind;
import notchbook.core.gather.Column;
import notchbook.core.gather.Column.Part;
import notchbook.core.link.WebLink;
import notchbook.core.source.Cited;
import notchbook.core.source.Source;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.gather.Bookmark;
import notchbook.formats.gather.Bookmarks;
import notchbook.formats.source.ReferenceFile;

/** Reads what a file holds, thing by thing. An {@link IllegalArgumentException} says why one can't be read. */
final class FoundFile {
    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_TEXT = 4_000;

    private FoundFile() {}

    static FoundThings bookmarks(Path file) throws IOException {
        var things = new ArrayList<FoundThing>();
        try (var in = Files.newInputStream(file)) {
            var leftOut = Bookmarks.read(in, link -> things.add(thing(link)));
            return new FoundThings(things, leftOut, List.of());
        }
    }

    private static FoundThing thing(Bookmark link) {
        return new FoundThing(
                link.title(), "", Optional.of(link.url()), Told.of(link.folder(), Map.of(), Source.UNKNOWN));
    }

    static FoundThings references(Path file) throws IOException {
        var things = ReferenceFile.read(Files.readAllBytes(file)).stream()
                .map(FoundFile::thing)
                .toList();
        return new FoundThings(things, 0, List.of());
    }

    private static FoundThing thing(Cited cited) {
        return new FoundThing(
                cut(cited.title(), LONGEST_TITLE),
                "",
                cited.address().flatMap(WebLink::parse).map(link -> link.address()
                        .toString()),
                Told.of("", Map.of(), cited.source()));
    }

    static FoundThings table(CsvFile table, List<Column> columns) {
        var things = table.rows().stream()
                .flatMap(row -> thing(table.headings(), row, columns).stream())
                .toList();
        return new FoundThings(
                things,
                table.rows().size() - things.size(),
                columns.stream()
                        .filter(Column.As.class::isInstance)
                        .map(Column.As.class::cast)
                        .map(Column.As::detail)
                        .toList());
    }

    /** A row is a thing where it has a name or an address. What is no value of its detail is kept in words. */
    private static Optional<FoundThing> thing(List<String> headings, CsvFile.Row row, List<Column> columns) {
        var parts = new HashMap<Part, String>();
        var values = new HashMap<UUID, List<String>>();
        var inWords = new ArrayList<String>();
        IntStream.range(0, Math.min(columns.size(), headings.size())).forEach(at -> {
            var cell = row.cell(at);
            switch (columns.get(at)) {
                case Column.Of of -> parts.merge(of.part(), cell, (one, other) -> (one + "\n" + other).strip());
                case Column.As as ->
                    read(as.detail(), cell)
                            .ifPresentOrElse(
                                    some -> values.put(as.id(), some),
                                    () -> inWords.add(headings.get(at) + ": " + cell));
                case Column.LeftOut ignored -> {}
            }
        });
        values.values().removeIf(List::isEmpty);
        var url = WebLink.parse(parts.getOrDefault(Part.ADDRESS, "")).map(WebLink::address);
        if (url.isEmpty() && !parts.getOrDefault(Part.ADDRESS, "").isEmpty()) {
            inWords.add(parts.get(Part.ADDRESS));
        }
        inWords.addFirst(parts.getOrDefault(Part.NOTE, ""));
        return Optional.of(parts.getOrDefault(Part.NAME, ""))
                .filter(name -> !name.isBlank())
                .or(() -> url.map(address -> address.getHost()))
                .map(name -> new FoundThing(
                        cut(name, LONGEST_TITLE),
                        cut(String.join("\n", inWords).strip(), LONGEST_TEXT),
                        url.map(Object::toString),
                        Told.of(cut(parts.getOrDefault(Part.HEADING, ""), LONGEST_TITLE), values, Source.UNKNOWN)
                                .because(cut(parts.getOrDefault(Part.WHY, ""), LONGEST_TEXT))));
    }

    private static Optional<List<String>> read(Detail detail, String cell) {
        try {
            return Optional.of(detail.read(
                    detail.kind() == DetailKind.SOME_OF || detail.kind() == DetailKind.PERSON
                            ? List.of(cell.split(";"))
                            : List.of(cell)));
        } catch (IllegalArgumentException none) {
            return Optional.empty();
        }
    }

    private static String cut(String words, int longest) {
        var text = words.strip();
        return text.length() <= longest ? text : text.substring(0, longest - 1) + "…";
    }
}
