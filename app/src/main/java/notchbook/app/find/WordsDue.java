package notchbook.app.find;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entries.Owned;
import notchbook.app.people.Person;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes the words of what was kept into the index soon after: who types waits for the keeping alone, and who looks for
 * something first has one's own words taken up. Doing it twice, by two copies of the application for one, changes nothing.
 */
@Component
public class WordsDue {
    /** As many as are read and written at once. */
    private static final int AT_ONCE = 200;

    private static final String PAUSE_MILLIS = "400";

    private final Entries entries;
    private final EntryWords words;

    WordsDue(Entries entries, EntryWords words) {
        this.entries = entries;
        this.words = words;
    }

    @Scheduled(fixedDelayString = PAUSE_MILLIS)
    void takeUp() {
        takeUp(Optional.empty());
    }

    /** Takes up all that a person made and that is not in the index yet. */
    @Transactional
    public void takeUp(Person person) {
        takeUp(Optional.of(person.id()));
    }

    private void takeUp(Optional<UUID> personId) {
        List<Owned> due;
        do {
            due = entries.withWordsDue(personId, AT_ONCE);
            if (!due.isEmpty()) {
                words.keep(due);
                entries.wordsTaken(due.stream().map(Owned::entry).toList());
            }
        } while (due.size() == AT_ONCE);
    }
}
