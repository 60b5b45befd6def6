package notchbook.app.pattern;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.notebook.Pattern;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The patterns that students made for themselves. */
@Service
public class OwnPatterns {
    private static final int MOST = 50;

    private final PatternStore store;
    private final SchoolClock clock;

    OwnPatterns(PatternStore store, SchoolClock clock) {
        this.store = store;
        this.clock = clock;
    }

    List<OwnPattern> of(Person reader) {
        return store.of(reader.id());
    }

    /** Keeps a pattern under an id; pages that have it already stay as they are. */
    @Transactional
    public void put(Person reader, UUID id, Pattern pattern) {
        reader.requireStudent();
        if (of(reader).size() >= MOST) {
            throw Refusal.unfit("You have 50 patterns. Delete one that you no longer use.");
        }
        if (!store.put(reader.id(), new OwnPattern(id, pattern), clock.now())) {
            throw Refusal.notFound("pattern");
        }
    }

    @Transactional
    public void delete(Person reader, UUID id) {
        if (!store.delete(reader.id(), id)) {
            throw Refusal.notFound("pattern");
        }
    }
}
