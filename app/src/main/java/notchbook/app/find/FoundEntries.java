package notchbook.app.find;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.people.Person;
import notchbook.core.find.Query;
import org.springframework.stereotype.Component;

/** A reader's live entries that hold what is looked for. */
@Component
public class FoundEntries {
    /** More than anybody goes through one by one. */
    private static final int MOST = 2_000;

    private final EntryWords words;
    private final Entries entries;
    private final Findable findable;
    private final WordsDue due;

    FoundEntries(EntryWords words, Entries entries, Findable findable, WordsDue due) {
        this.words = words;
        this.entries = entries;
        this.findable = findable;
        this.due = due;
    }

    /** Those that hold all of these words, as they were typed; what was kept a moment ago too. None for no words. */
    public Set<UUID> holding(Person reader, String typed) {
        var query = Query.parse(typed);
        if (query.isEmpty()) {
            return Set.of();
        }
        due.takeUp(reader);
        return of(reader, query, MOST).stream().map(Entry::id).collect(toSet());
    }

    /** At most so many, the newest first. */
    List<Entry> of(Person reader, Query query, int most) {
        var ids = words.find(reader.id(), query, most);
        var live = entries.live(reader, ids).stream().collect(toMap(Entry::id, identity()));
        return withPhrases(
                reader,
                query,
                ids.stream().filter(live::containsKey).map(live::get).toList());
    }

    /** The index knows words and not their order. */
    private List<Entry> withPhrases(Person reader, Query query, List<Entry> holding) {
        if (query.phrases().isEmpty()) {
            return holding;
        }
        var texts = findable.of(reader.id(), holding);
        return holding.stream()
                .filter(entry -> query.matches(texts.get(entry.id()).all()))
                .toList();
    }
}
