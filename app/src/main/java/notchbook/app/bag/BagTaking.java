package notchbook.app.bag;

import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.HAND_IN;
import static notchbook.tables.Tables.MEDIA;
import static notchbook.tables.Tables.NOTEBOOK;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.collection.CollectionDesk;
import notchbook.app.handin.Seals;
import notchbook.app.media.Media;
import notchbook.app.media.MediaKind;
import notchbook.app.media.Shelf;
import notchbook.app.media.Told;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Job;
import notchbook.app.platform.SchoolClock;
import notchbook.app.platform.Steadily;
import notchbook.formats.bag.BagFile;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Takes a bag in, all of it or nothing; killed in the middle, it begins anew. */
@Component
class BagTaking implements Job {
    static final String NAME = "bag-take";

    private static final Logger LOG = LoggerFactory.getLogger(BagTaking.class);

    private final BroughtStore brought;
    private final Shelf shelf;
    private final BagEdition edition;
    private final BagContents contents;
    private final CollectionDesk collections;
    private final Seals seals;
    private final Media media;
    private final People people;
    private final SchoolClock clock;
    private final DSLContext db;
    private final TransactionTemplate transaction;

    BagTaking(
            BroughtStore brought,
            Shelf bagShelf,
            BagEdition edition,
            BagContents contents,
            CollectionDesk collections,
            Seals seals,
            Media media,
            People people,
            SchoolClock clock,
            DSLContext db,
            TransactionTemplate transaction) {
        this.brought = brought;
        this.shelf = bagShelf;
        this.edition = edition;
        this.contents = contents;
        this.collections = collections;
        this.seals = seals;
        this.media = media;
        this.people = people;
        this.clock = clock;
        this.db = db;
        this.transaction = transaction;
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public void run(UUID id) {
        brought.find(id).filter(bag -> bag.state() == BroughtBag.State.TAKING).ifPresent(this::take);
    }

    private void take(BroughtBag brought) {
        var kept = new ArrayList<String>();
        try (var bag = BagFile.open(shelf.place(brought.id()))) {
            var owner = people.find(brought.ownerId()).orElseThrow();
            transaction.executeWithoutResult(status -> take(brought, bag, owner, kept));
            shelf.forget(brought.id());
        } catch (IllegalArgumentException unfit) {
            LOG.info("A bag was not taken in", unfit);
            undo(brought, kept, unfit.getMessage());
        } catch (IOException | RuntimeException odd) {
            LOG.warn("A bag could not be taken in", odd);
            undo(brought, kept, shelf.why());
        }
    }

    private void undo(BroughtBag brought, List<String> kept, String words) {
        kept.forEach(media::forget);
        this.brought.failed(brought.id(), words);
    }

    private void take(BroughtBag brought, BagFile bag, Person owner, List<String> kept) {
        try {
            var all = Math.max(1, brought.found().media());
            var progress = new Steadily(share -> this.brought.share(brought.id(), share));
            var fitting = new RowFitting(db, owner.id(), clock.now(), row -> {
                progress.accept(Math.min(1, kept.size() / (2.0 * all)));
                return content(bag, row, kept);
            });
            var intake = new RecordsIntake(db, bag, edition.personOf(bag.info()), owner.id(), fitting);
            intake.take();
            requireReadable(owner, intake);
            var hold = seals.holding(intake.taken(HAND_IN));
            this.brought.found(
                    brought.id(), BroughtBag.State.TAKEN, brought.found().taken(hold, intake.lost()));
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    /** Puts the content of a row of media into the store, if it is what the row says; gives its size in bytes. */
    private long content(BagFile bag, Map<Field<?>, Object> row, List<String> kept) throws IOException {
        var told = new Told(
                MediaKind.valueOf(String.valueOf(row.get(MEDIA.KIND))),
                String.valueOf(row.get(MEDIA.TYPE)),
                String.valueOf(row.get(MEDIA.NAME)));
        var id = String.valueOf(row.get(MEDIA.ID));
        if (row.get(MEDIA.SCREEN_SHA256) != null) {
            keep(bag, "media/small/" + id, told.small(), row.get(MEDIA.SCREEN_SHA256), kept);
        }
        return keep(bag, "media/" + id, told, row.get(MEDIA.SHA256), kept);
    }

    private long keep(BagFile bag, String path, Told told, Object sha256, List<String> kept) throws IOException {
        var named = bag.carried(path + ".").stream()
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("There is no " + path));
        var content = Files.createTempFile("notchbook", "bag");
        try {
            copy(bag, named, content);
            if (!told.holdsFor(content)) {
                throw new IllegalArgumentException(named + " is not what it is said to be");
            }
            var digest = media.keep(content);
            kept.add(digest);
            if (!digest.equals(sha256)) {
                throw new IllegalArgumentException(named + " has another digest");
            }
            return Files.size(content);
        } finally {
            Files.delete(content);
        }
    }

    private static void copy(BagFile bag, String path, Path to) throws IOException {
        try (var in = bag.read(path)) {
            Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    /** Every page is read once as it would be to show it: what can't be read is not kept. */
    private void requireReadable(Person owner, RecordsIntake intake) {
        for (var notebook : intake.taken(NOTEBOOK)) {
            try {
                contents.readThrough(owner, new Whose(owner.id(), Optional.of(notebook)));
            } catch (IOException | RuntimeException odd) {
                throw new IllegalArgumentException(
                        "A page in this bag can't be read, so nothing of it was taken in.", odd);
            }
        }
        for (var collection : intake.taken(COLLECTION)) {
            try {
                collections.view(owner, collection);
            } catch (RuntimeException odd) {
                throw new IllegalArgumentException(
                        "A collection in this bag can't be read, so nothing of it was taken in.", odd);
            }
        }
    }
}
