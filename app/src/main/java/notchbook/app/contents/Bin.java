package notchbook.app.contents;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The bin of a notebook: what was deleted in the last 30 days and comes back whole. */
@Service
class Bin {
    private static final Duration KEPT = Duration.ofDays(30);

    private final Notebooks notebooks;
    private final BinStore store;
    private final SchoolClock clock;

    Bin(Notebooks notebooks, BinStore store, SchoolClock clock) {
        this.notebooks = notebooks;
        this.store = store;
        this.clock = clock;
    }

    List<BinStore.Deleted> in(Person reader, UUID notebookId) {
        notebooks.require(reader, notebookId);
        return store.in(notebookId, clock.now().minus(KEPT));
    }

    @Transactional
    public void restore(Person reader, UUID notebookId, UUID id) {
        var deleted = in(reader, notebookId).stream()
                .filter(found -> found.id().equals(id))
                .findFirst();
        store.restore(id, deleted.orElseThrow(() -> Refusal.notFound("thing")).kind());
    }
}
