package notchbook.app.notebook;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.notebook.PageEdge;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Patterns;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Weights;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pages of a section. */
@Service
public class Pages {
    private final Sections sections;
    private final Notebooks notebooks;
    private final PageStore store;
    private final EntryStore entries;
    private final Syllabi syllabi;
    private final SchoolClock clock;

    Pages(
            Sections sections,
            Notebooks notebooks,
            PageStore store,
            EntryStore entries,
            Syllabi syllabi,
            SchoolClock clock) {
        this.sections = sections;
        this.notebooks = notebooks;
        this.store = store;
        this.entries = entries;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    /** A page of the reader's own. */
    public Page require(Person reader, UUID id) {
        var page = store.find(id).orElseThrow(() -> Refusal.notFound("page"));
        sections.require(reader, page.sectionId());
        return page;
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

    @Transactional
    public void delete(Person reader, UUID id) {
        require(reader, id);
        store.delete(id, clock.now());
    }

    public List<Entry> entries(Page page) {
        return entries.onPages(List.of(page.id()));
    }

    /** The points that have a slot on the edge of a page. */
    List<SyllabusNode> edge(Person reader, Page page, List<Entry> onPage) {
        var section = sections.require(reader, page.sectionId());
        var notebook = notebooks.require(reader, section.notebookId());
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        Set<UUID> notched =
                onPage.stream().flatMap(entry -> entry.notches().stream()).collect(Collectors.toSet());
        return PageEdge.slots(edition, Weights.of(edition, notebook.exam()), section.topics(), notched);
    }
}
