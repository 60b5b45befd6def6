package notchbook.app.copy;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import notchbook.app.book.Books;
import notchbook.app.collection.Collections;
import notchbook.app.handin.HandIns;
import notchbook.app.media.Shelf;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.platform.Jobs;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.formats.pdf.PdfWish;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The copies that a person wanted; each is seen by nobody else. */
@Service
class Copies {
    /** A copy can be made again, so it is not kept for long. */
    private static final Duration KEPT = Duration.ofDays(7);

    /** Past these, the oldest goes for the next one. */
    private static final int MOST = 30;

    private final CopyStore store;
    private final Shelf shelf;
    private final HandIns handIns;
    private final Sections sections;
    private final Books books;
    private final Collections collections;
    private final Jobs jobs;
    private final SchoolClock clock;

    Copies(
            CopyStore store,
            Shelf copyShelf,
            HandIns handIns,
            Sections sections,
            Books books,
            Collections collections,
            Jobs jobs,
            SchoolClock clock) {
        this.books = books;
        this.collections = collections;
        this.store = store;
        this.shelf = copyShelf;
        this.handIns = handIns;
        this.sections = sections;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** What is wanted, under an id of the reader's making. */
    record Wish(UUID id, CopyKind kind, UUID of, CopyForm form, PdfWish pdf, String origin) {}

    List<Copy> of(Person reader) {
        return store.of(reader.id());
    }

    /** Has a copy made; wanting it again changes nothing. */
    @Transactional
    Copy make(Person reader, Wish wish) {
        if (store.find(wish.id()).isPresent()) {
            return require(reader, wish.id());
        }
        var copy = new Copy(
                wish.id(),
                reader.id(),
                wish.kind(),
                wish.of(),
                wish.form(),
                wish.pdf(),
                wish.origin(),
                titleOf(reader, wish.kind(), wish.of()),
                MadeState.WAITING,
                0,
                0,
                "",
                clock.now());
        store.of(reader.id()).stream().skip(MOST - 1).forEach(this::drop);
        store.insert(copy);
        jobs.want(CopyMaking.NAME, copy.id());
        return copy;
    }

    /** Refuses what the reader may not read. */
    private String titleOf(Person reader, CopyKind kind, UUID id) {
        return switch (kind) {
            case VERSION -> handIns.require(reader, id).title();
            case SECTION -> sections.require(reader, id).title();
            case BOOK -> books.titleOf(reader, id);
            case COLLECTION -> collections.titleOf(reader, id);
        };
    }

    private Copy require(Person reader, UUID id) {
        return store.find(id)
                .filter(copy -> copy.ownerId().equals(reader.id()))
                .orElseThrow(() -> Refusal.notFound("copy"));
    }

    /** A copy that is ready, with the file that it is. */
    record Ready(Copy copy, Path file) {}

    /** What it was made of must be the reader's to read still. */
    Ready ready(Person reader, UUID id) throws IOException {
        var copy = require(reader, id);
        titleOf(reader, copy.kind(), copy.of());
        if (copy.state() != MadeState.READY) {
            throw Refusal.notNow("This copy is not ready yet.");
        }
        return new Ready(copy, shelf.place(id));
    }

    @Transactional
    void delete(Person reader, UUID id) {
        drop(require(reader, id));
    }

    private void drop(Copy copy) {
        store.delete(copy.id());
        shelf.forget(copy.id());
    }

    @Scheduled(initialDelay = 1, fixedDelay = 6, timeUnit = TimeUnit.HOURS)
    void cleanUp() {
        store.before(clock.now().minus(KEPT)).forEach(this::drop);
    }
}
