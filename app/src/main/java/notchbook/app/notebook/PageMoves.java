package notchbook.app.notebook;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.notebook.CarriedNotches;
import notchbook.core.syllabus.Edition;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves and copies pages to any section of any notebook of their owner's, with their notches. */
@Service
public class PageMoves {
    private final Pages pages;
    private final Sections sections;
    private final Notebooks notebooks;
    private final PageStore store;
    private final EntryStore entries;
    private final KeepingStore keeping;
    private final Syllabi syllabi;
    private final SchoolClock clock;

    PageMoves(
            Pages pages,
            Sections sections,
            Notebooks notebooks,
            PageStore store,
            EntryStore entries,
            KeepingStore keeping,
            Syllabi syllabi,
            SchoolClock clock) {
        this.pages = pages;
        this.sections = sections;
        this.notebooks = notebooks;
        this.store = store;
        this.entries = entries;
        this.keeping = keeping;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    /** Puts a page into a section, as its page number {@code position} from 0. */
    @Transactional
    public void move(Person reader, UUID pageId, UUID sectionId, int position) {
        var page = pages.require(reader, pageId);
        var to = sections.require(reader, sectionId);
        pages.entries(page).forEach(entry -> carryNotches(reader, page, to, entry, entry.id()));
        store.place(pageId, sectionId);
        var order = new ArrayList<>(
                store.inSections(List.of(sectionId)).stream().map(Page::id).toList());
        order.remove(pageId);
        order.add(Math.clamp(position, 0, order.size()), pageId);
        store.order(order);
    }

    /** Copies a page, as the last one of a section; copying it again under the same id changes nothing. */
    @Transactional
    public Page copy(Person reader, UUID pageId, UUID copyId, UUID sectionId) {
        var page = pages.require(reader, pageId);
        var to = sections.require(reader, sectionId);
        if (store.find(copyId).isPresent()) {
            return pages.require(reader, copyId);
        }
        var copy = new Page(
                copyId,
                sectionId,
                page.title(),
                page.day(),
                store.nextPosition(sectionId),
                page.pattern(),
                page.paper());
        store.insert(copy);
        var onPage = pages.entries(page);
        Map<UUID, UUID> ids = new HashMap<>();
        onPage.forEach(entry -> ids.put(entry.id(), clock.newId()));
        for (var entry : onPage) {
            var copied = copied(entry, copyId, ids);
            keeping.insert(copied, "");
            carryNotches(reader, page, to, entry, copied.id());
        }
        return copy;
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

    private void carryNotches(Person reader, Page page, Section to, Entry entry, UUID entryId) {
        var from = sections.require(reader, page.sectionId());
        var carried = CarriedNotches.of(
                entry.notches(), editionOf(reader, from.notebookId()), editionOf(reader, to.notebookId()));
        carried.forEach(node -> entries.cut(entryId, node, reader.id(), clock.now()));
    }

    private Edition editionOf(Person reader, UUID notebookId) {
        return syllabi.edition(notebooks.require(reader, notebookId).editionId(), notebookId);
    }
}
