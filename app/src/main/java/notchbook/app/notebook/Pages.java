package notchbook.app.notebook;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Patterns;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pages of a section. */
@Service
public class Pages {
    private final Sections sections;
    private final PageStore store;
    private final SchoolClock clock;

    Pages(Sections sections, PageStore store, SchoolClock clock) {
        this.sections = sections;
        this.store = store;
        this.clock = clock;
    }

    /** A page of the reader's own, unless it is in the bin. */
    public Optional<Page> find(Person reader, UUID id) {
        return store.find(id).filter(page -> sections.isOwn(reader, page.sectionId()));
    }

    /** A page of the reader's own. */
    public Page require(Person reader, UUID id) {
        var page = store.find(id).orElseThrow(() -> Refusal.notFound("page"));
        sections.require(reader, page.sectionId());
        return page;
    }

    /** Whether a live page has this id, whoever's. */
    public boolean isThere(UUID id) {
        return store.find(id).isPresent();
    }

    /** Makes a page; making it again with the same id changes nothing. */
    @Transactional
    public Page make(Person reader, UUID sectionId, UUID id, String title, Optional<LocalDate> day) {
        return make(reader, sectionId, id, title, day, Patterns.FREE);
    }

    /** Makes a page with a pattern; making it again with the same id changes nothing. */
    @Transactional
    public Page make(Person reader, UUID sectionId, UUID id, String title, Optional<LocalDate> day, Pattern pattern) {
        sections.require(reader, sectionId);
        if (store.find(id).isPresent()) {
            return require(reader, id);
        }
        var page = new Page(
                id,
                sectionId,
                Titles.checked(title),
                day.orElseGet(clock::today),
                store.nextPosition(sectionId),
                pattern,
                Paper.PLAIN);
        store.insert(page);
        return page;
    }

    @Transactional
    public Page rename(Person reader, UUID id, String title, LocalDate day) {
        return update(require(reader, id), title, day, Optional.empty(), Optional.empty());
    }

    /** Gives a page another pattern; every entry stays, and goes back to its zone when its pattern comes back. */
    @Transactional
    public Page lay(Person reader, UUID id, Pattern pattern) {
        var page = require(reader, id);
        return update(page, page.title(), page.day(), Optional.of(pattern), Optional.empty());
    }

    @Transactional
    public Page putOn(Person reader, UUID id, Paper paper) {
        var page = require(reader, id);
        return update(page, page.title(), page.day(), Optional.empty(), Optional.of(paper));
    }

    private Page update(Page page, String title, LocalDate day, Optional<Pattern> pattern, Optional<Paper> paper) {
        var changed = new Page(
                page.id(),
                page.sectionId(),
                Titles.checked(title),
                day,
                page.position(),
                pattern.orElseGet(page::pattern),
                paper.orElseGet(page::paper));
        store.update(changed);
        return changed;
    }

    /** The live pages of sections, in their order within each. */
    public List<Page> in(Collection<UUID> sectionIds) {
        return store.inSections(sectionIds);
    }

    /** Puts a page into a section of its owner's, as its page number {@code position} from 0. */
    @Transactional
    public void move(Page page, Section to, int position) {
        store.place(page.id(), to.id());
        var order = new ArrayList<>(
                store.inSections(List.of(to.id())).stream().map(Page::id).toList());
        order.remove(page.id());
        order.add(Math.clamp(position, 0, order.size()), page.id());
        store.order(order);
    }

    /** An empty page like another one, as the last of a section of its owner's. */
    @Transactional
    public Page copy(Page page, UUID copyId, Section to) {
        var copy = new Page(
                copyId, to.id(), page.title(), page.day(), store.nextPosition(to.id()), page.pattern(), page.paper());
        store.insert(copy);
        return copy;
    }

    @Transactional
    public void delete(Person reader, UUID id) {
        require(reader, id);
        store.delete(id, clock.now());
    }
}
