package notchbook.app.bag;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import notchbook.app.media.Shelf;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.People;
import notchbook.app.platform.Job;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.SchoolClock;
import notchbook.app.platform.Steadily;
import notchbook.formats.bag.BagWriter;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Makes bags, each from one moment of the database: what is written meanwhile goes into the next. */
@Component
class BagMaking implements Job {
    static final String NAME = "bag";

    private static final Logger LOG = LoggerFactory.getLogger(BagMaking.class);

    private final BagStore bags;
    private final Shelf shelf;
    private final BagContents contents;
    private final BagEdition edition;
    private final People people;
    private final Notebooks notebooks;
    private final SchoolClock clock;
    private final TransactionTemplate transaction;

    BagMaking(
            BagStore bags,
            Shelf bagShelf,
            BagContents contents,
            BagEdition edition,
            People people,
            Notebooks notebooks,
            SchoolClock clock,
            TransactionTemplate transaction) {
        this.bags = bags;
        this.shelf = bagShelf;
        this.contents = contents;
        this.edition = edition;
        this.people = people;
        this.notebooks = notebooks;
        this.clock = clock;
        this.transaction = transaction;
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public void run(UUID bagId) {
        bags.find(bagId).filter(bag -> bag.state() == MadeState.WAITING).ifPresent(this::make);
    }

    private void make(Bag bag) {
        try {
            var bytes = shelf.lay(bag.id(), half -> transaction.executeWithoutResult(status -> write(bag, half)));
            if (!bags.ready(bag.id(), bytes)) {
                shelf.forget(bag.id());
            }
        } catch (IOException | RuntimeException odd) {
            LOG.warn("No bag could be made for {}", bag.ownerId(), odd);
            bags.failed(bag.id(), shelf.why());
        }
    }

    private void write(Bag bag, Path half) {
        var owner = people.find(bag.ownerId()).orElseThrow();
        var what =
                bag.notebookId().map(id -> notebooks.require(owner, id).title()).orElse("everything");
        var day = clock.dayOf(bag.wantedAt()).toString();
        var name = BagContents.named(owner.fullName() + " " + what + " " + day).replace(' ', '-');
        try (var out = new BagWriter(Files.newOutputStream(half), name)) {
            contents.write(owner, bag.whose(), out, new Steadily(share -> bags.share(bag.id(), share)));
            out.finish(edition.info(owner, owner.fullName() + ": " + what, day));
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
