package notchbook.app.collection;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What students say of the things that they gathered. */
@Service
public class Things {
    private static final int LONGEST_WHY = 4_000;
    private static final int LONGEST_HEADING = 120;

    private final Collections collections;
    private final CollectionStore store;
    private final Details details;

    Things(Collections collections, CollectionStore store, Details details) {
        this.collections = collections;
        this.store = store;
        this.details = details;
    }

    /** What is said anew; what is not there stays, and so do values of details that are not named. */
    public record Telling(
            Optional<String> title,
            Optional<String> note,
            Optional<String> why,
            Optional<String> heading,
            Map<UUID, List<String>> values) {}

    @Transactional
    public void tell(Person reader, UUID collectionId, UUID itemId, Telling telling) {
        var before = collections.requireItem(reader, collectionId, itemId);
        var told = new Told(
                telling.why().orElse(before.told().why()),
                telling.heading().map(String::strip).orElse(before.told().heading()),
                details.filled(collectionId, before.told().values(), telling.values()));
        if (told.why().length() > LONGEST_WHY) {
            throw Refusal.unfit("Say why you kept it in up to 4,000 characters.");
        }
        if (told.heading().length() > LONGEST_HEADING) {
            throw Refusal.unfit("A heading has up to 120 characters.");
        }
        store.update(before.with(
                telling.title().map(Collections::checked).orElse(before.title()),
                telling.note().map(Collections::checkedNote).orElse(before.note()),
                told));
    }
}
