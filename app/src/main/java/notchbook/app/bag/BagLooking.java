package notchbook.app.bag;

import static notchbook.tables.Tables.COLLECTION;
import static notchbook.tables.Tables.ENTRY;
import static notchbook.tables.Tables.HAND_IN;
import static notchbook.tables.Tables.MEDIA;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.PAGE;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import notchbook.app.media.Shelf;
import notchbook.app.platform.Job;
import notchbook.app.platform.Steadily;
import notchbook.formats.bag.BagFile;
import org.jooq.DSLContext;
import org.jooq.Table;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/** Looks a bag through before anything of it is taken in: every byte against its digest, and what is in it. */
@Component
class BagLooking implements Job {
    static final String NAME = "bag-look";

    private static final Logger LOG = LoggerFactory.getLogger(BagLooking.class);

    private static final int MOST_TITLES = 500;
    private static final int BUFFER_BYTES = 65_536;

    private final BroughtStore brought;
    private final Shelf shelf;
    private final BagEdition edition;
    private final DSLContext db;

    BagLooking(BroughtStore brought, Shelf bagShelf, BagEdition edition, DSLContext db) {
        this.brought = brought;
        this.shelf = bagShelf;
        this.edition = edition;
        this.db = db;
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public void run(UUID id) {
        brought.find(id).filter(bag -> bag.state() == BroughtBag.State.LOOKING).ifPresent(this::look);
    }

    private void look(BroughtBag brought) {
        try (var bag = BagFile.open(shelf.place(brought.id()))) {
            var faults = bag.faults(new Steadily(share -> this.brought.share(brought.id(), share)));
            if (faults.isEmpty()) {
                edition.personOf(bag.info());
                this.brought.found(brought.id(), BroughtBag.State.WHOLE, found(bag));
            } else {
                this.brought.found(brought.id(), BroughtBag.State.DAMAGED, Found.damaged(faults));
            }
        } catch (IllegalArgumentException none) {
            this.brought.failed(brought.id(), none.getMessage());
        } catch (IOException | RuntimeException odd) {
            LOG.warn("A bag could not be looked through", odd);
            this.brought.failed(brought.id(), shelf.why());
        }
    }

    private Found found(BagFile bag) throws IOException {
        return new Found(
                bag.info().get("External-Description").orElse(""),
                notebooks(bag),
                lines(bag, PAGE),
                lines(bag, ENTRY),
                lines(bag, MEDIA),
                lines(bag, COLLECTION),
                lines(bag, HAND_IN),
                List.of(),
                0,
                0,
                0);
    }

    private List<Found.Title> notebooks(BagFile bag) throws IOException {
        var titles = new ArrayList<Found.Title>();
        try (var lines = RecordLines.of(bag, BagTables.NOTEBOOKS)) {
            for (var line = lines.next(); line.isPresent() && titles.size() < MOST_TITLES; line = lines.next()) {
                var row = RowJson.read(line.get(), BagTables.NOTEBOOKS.columns());
                if (row.get(NOTEBOOK.ID) instanceof UUID id && row.get(NOTEBOOK.TITLE) instanceof String title) {
                    titles.add(new Found.Title(title, db.fetchExists(NOTEBOOK, NOTEBOOK.ID.eq(id))));
                }
            }
        }
        return titles;
    }

    private static int lines(BagFile bag, Table<?> table) throws IOException {
        var path = BagRecords.path(BagTables.of(table));
        if (!bag.carries(path)) {
            return 0;
        }
        var count = 0;
        var buffer = new byte[BUFFER_BYTES];
        try (var in = bag.read(path)) {
            for (var read = in.read(buffer); read >= 0; read = in.read(buffer)) {
                for (var i = 0; i < read; i++) {
                    count += buffer[i] == '\n' ? 1 : 0;
                }
            }
        }
        return count;
    }
}
