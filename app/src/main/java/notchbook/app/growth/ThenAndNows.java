package notchbook.app.growth;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pairs of pieces that students keep, with their words about them. */
@Service
public class ThenAndNows {
    private static final int LONGEST_TITLE = 300;
    private static final int LONGEST_WORDS = 10_000;

    private final ThenAndNowStore store;
    private final Entries entries;
    private final Notebooks notebooks;
    private final SchoolClock clock;

    ThenAndNows(ThenAndNowStore store, Entries entries, Notebooks notebooks, SchoolClock clock) {
        this.store = store;
        this.entries = entries;
        this.notebooks = notebooks;
        this.clock = clock;
    }

    /** A pair as a device has it now, and the version that it was made from (0 for a new one). */
    public record Change(UUID id, UUID earlier, UUID later, int baseVersion, String words) {}

    List<ThenAndNow> of(Person reader) {
        return store.of(reader.id());
    }

    /** The pair that was kept of these two pieces. */
    Optional<ThenAndNow> of(Person reader, UUID earlier, UUID later) {
        return of(reader).stream()
                .filter(kept -> kept.earlier().equals(earlier) && kept.later().equals(later))
                .findFirst();
    }

    /** Keeps a pair; a change from an older version than the one that is there is refused. */
    @Transactional
    public int keep(Person reader, Change change) {
        if (change.words().length() > LONGEST_WORDS) {
            throw Refusal.unfit("Say what changed in up to 10,000 characters.");
        }
        var there = store.find(change.id());
        if (there.isEmpty()) {
            store.insert(begin(reader, change));
            return 1;
        }
        var before = requireOwn(reader, there.get());
        if (before.words().equals(change.words())) {
            return before.version();
        }
        if (before.version() != change.baseVersion()) {
            throw Refusal.stale("This pair was changed in another place too.", before.version());
        }
        var version = before.version() + 1;
        store.update(with(before, change.words(), version));
        return version;
    }

    private ThenAndNow begin(Person reader, Change change) {
        var later = entries.require(reader, change.later());
        var earlier = entries.require(reader, change.earlier());
        if (earlier.id().equals(later.id())) {
            throw Refusal.unfit("Choose two different pieces.");
        }
        var title = earlier.name() + ", then and now";
        return new ThenAndNow(
                change.id(),
                entries.notebookOf(reader, later).id(),
                earlier.id(),
                later.id(),
                title.substring(0, Math.min(LONGEST_TITLE, title.length())),
                change.words(),
                1,
                clock.today());
    }

    private static ThenAndNow with(ThenAndNow kept, String words, int version) {
        return new ThenAndNow(
                kept.id(),
                kept.notebookId(),
                kept.earlier(),
                kept.later(),
                kept.title(),
                words,
                version,
                kept.keptOn());
    }

    @Transactional
    void delete(Person reader, UUID id) {
        store.delete(require(reader, id).id(), clock.now());
    }

    @Transactional
    void restore(Person reader, UUID id) {
        store.restore(require(reader, id).id());
    }

    ThenAndNow require(Person reader, UUID id) {
        return requireOwn(reader, store.find(id).orElseThrow(() -> Refusal.notFound("pair")));
    }

    private ThenAndNow requireOwn(Person reader, ThenAndNow kept) {
        notebooks.require(reader, kept.notebookId());
        return kept;
    }
}
