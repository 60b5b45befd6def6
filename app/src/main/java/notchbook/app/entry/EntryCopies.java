package notchbook.app.entry;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Section;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.notebook.CarriedNotches;
import notchbook.core.syllabus.Edition;
import org.springframework.stereotype.Component;

/** Entries that come along when their page moves or is copied. */
@Component
public class EntryCopies {
    private final EntryStore store;
    private final KeepingStore keeping;
    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final SchoolClock clock;

    EntryCopies(EntryStore store, KeepingStore keeping, Notebooks notebooks, Syllabi syllabi, SchoolClock clock) {
        this.store = store;
        this.keeping = keeping;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    /** Cuts the notches of a page's entries also at the same lines of another notebook's edition. */
    public void carryNotches(Person reader, Page page, Section from, Section to) {
        store.onPages(List.of(page.id())).forEach(entry -> carryNotches(reader, entry, entry.id(), from, to));
    }

    /** Copies all entries of a page to another one, with their notches. */
    public void copy(Person reader, Page page, UUID copyId, Section from, Section to) {
        var onPage = store.onPages(List.of(page.id()));
        Map<UUID, UUID> ids = new HashMap<>();
        onPage.forEach(entry -> ids.put(entry.id(), clock.newId()));
        for (var entry : onPage) {
            var copied = copied(entry, copyId, ids);
            keeping.insert(copied, "");
            carryNotches(reader, entry, copied.id(), from, to);
        }
    }

    /** A copy was made when its original was: it is no new evidence of today. */
    private Entry copied(Entry entry, UUID pageId, Map<UUID, UUID> ids) {
        var place = entry.place();
        return new Entry(
                ids.get(entry.id()),
                new EntryPlace(pageId, place.zone(), place.beside().map(id -> ids.getOrDefault(id, id)), place.width()),
                entry.kind(),
                entry.content(),
                entry.isEmpty(),
                entry.mediaId(),
                entry.caption(),
                entry.position(),
                1,
                entry.madeAt(),
                clock.now(),
                Optional.of(entry.id()),
                entry.notches());
    }

    private void carryNotches(Person reader, Entry entry, UUID entryId, Section from, Section to) {
        var carried = CarriedNotches.of(
                entry.notches(), editionOf(reader, from.notebookId()), editionOf(reader, to.notebookId()));
        carried.forEach(node -> store.cut(entryId, node, reader.id(), clock.now()));
    }

    private Edition editionOf(Person reader, UUID notebookId) {
        return syllabi.edition(notebooks.require(reader, notebookId).editionId(), notebookId);
    }
}
