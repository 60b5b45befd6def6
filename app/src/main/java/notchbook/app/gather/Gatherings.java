package notchbook.app.gather;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.app.collection.Collections;
import notchbook.app.collection.Details;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.people.Person;
import notchbook.app.platform.Jobs;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.collection.Detail;
import notchbook.core.gather.ColumnGuess;
import notchbook.formats.csv.CsvFile;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Files that are taken into collections: looked into first, then taken in by a job, and taken back whole. */
@Service
class Gatherings {
    private static final int SAMPLES = 3;

    private final GatheringStore store;
    private final Collections collections;
    private final Details details;
    private final Media media;
    private final Jobs jobs;
    private final SchoolClock clock;

    Gatherings(
            GatheringStore store, Collections collections, Details details, Media media, Jobs jobs, SchoolClock clock) {
        this.store = store;
        this.collections = collections;
        this.details = details;
        this.media = media;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** A column of a table: its heading, some of its cells, and what it becomes unless the reader says otherwise. */
    record FoundColumn(String heading, List<String> samples, ColumnBody becomes) {}

    /** What a file holds, before anything of it is taken in. */
    record FileFound(FileForm form, int things, int leftOut, int headings, List<FoundColumn> columns) {}

    FileFound look(Person reader, UUID collectionId, UUID mediaId) {
        var known = details.of(reader, collectionId);
        var item = media.requireOwned(reader, mediaId);
        var file = media.place(item);
        try {
            return switch (form(item, file)) {
                case BOOKMARKS -> found(FileForm.BOOKMARKS, FoundFile.bookmarks(file));
                case REFERENCES -> found(FileForm.REFERENCES, FoundFile.references(file));
                case TABLE -> found(table(file), known);
            };
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    static FileForm form(MediaItem item, Path file) throws IOException {
        return FileForm.of(item.name(), file)
                .orElseThrow(() -> Refusal.unfit(
                        "Nothing in this file can be taken in thing by thing. Bookmarks, BibTeX, RIS and CSV can."));
    }

    static CsvFile table(Path file) throws IOException {
        return CsvFile.read(Files.readAllBytes(file));
    }

    private static FileFound found(FileForm form, FoundThings found) {
        return new FileFound(
                form,
                found.things().size(),
                found.leftOut(),
                (int) found.things().stream()
                        .map(thing -> thing.told().heading())
                        .filter(heading -> !heading.isEmpty())
                        .distinct()
                        .count(),
                List.of());
    }

    private FileFound found(CsvFile table, List<Detail> known) {
        var rows = table.rows().stream().map(CsvFile.Row::cells).toList();
        var columns = ColumnGuess.of(
                table.headings(),
                rows,
                known,
                wish -> new Detail(clock.newId(), wish.name(), wish.kind(), wish.unit()));
        return new FileFound(
                FileForm.TABLE,
                rows.size(),
                0,
                0,
                IntStream.range(0, columns.size())
                        .mapToObj(at -> new FoundColumn(
                                table.headings().get(at),
                                table.rows().stream()
                                        .map(row -> row.cell(at))
                                        .filter(cell -> !cell.isEmpty())
                                        .limit(SAMPLES)
                                        .toList(),
                                ColumnBody.of(columns.get(at))))
                        .toList());
    }

    /** Has a file taken in; wanting it again changes nothing. */
    @Transactional
    void want(Person reader, Gathering wish) {
        collections.requireOwn(reader, wish.collectionId());
        media.requireOwned(reader, wish.mediaId());
        wish.columns().forEach(ColumnBody::column);
        if (store.find(wish.id()).isEmpty()) {
            store.insert(wish, clock.now());
            jobs.want(GatheringJob.NAME, wish.id());
        } else {
            require(reader, wish.collectionId(), wish.id());
        }
    }

    Gathering require(Person reader, UUID collectionId, UUID id) {
        collections.requireOwn(reader, collectionId);
        return store.find(id)
                .filter(found -> found.collectionId().equals(collectionId))
                .orElseThrow(() -> Refusal.notFound("gathering"));
    }

    /** All that came with a file goes into the bin. */
    @Transactional
    void takeBack(Person reader, UUID collectionId, UUID id) {
        collections.takeBack(
                reader, collectionId, require(reader, collectionId, id).id());
    }
}
