package notchbook.app.coverage;

import java.util.Comparator;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Section;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.notebook.Patterns;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** New pages to cover a topic with: in its section, with the pattern that is used there. */
@Service
class TopicPages {
    private final Notebooks notebooks;
    private final Sections sections;
    private final Pages pages;
    private final Syllabi syllabi;
    private final SchoolClock clock;

    TopicPages(Notebooks notebooks, Sections sections, Pages pages, Syllabi syllabi, SchoolClock clock) {
        this.notebooks = notebooks;
        this.sections = sections;
        this.pages = pages;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    /** Begins a page in the section that names the topic, else in one that names what it stands under, else in a new one. */
    @Transactional
    public Page begin(Person reader, UUID notebookId, UUID topicId, UUID pageId) {
        var notebook = notebooks.require(reader, notebookId);
        var edition = syllabi.edition(notebook.editionId(), notebookId);
        var topic = edition.find(topicId).filter(node -> !node.isPoint()).orElseThrow(() -> Refusal.notFound("topic"));
        var section = sectionFor(notebook, edition, topic).orElseGet(() -> newSection(reader, notebook, topic));
        var pattern = notebooks.pages(notebook).stream()
                .filter(page -> page.sectionId().equals(section.id()))
                .max(Comparator.comparing(Page::day).thenComparing(Page::position))
                .map(Page::pattern)
                .orElse(Patterns.FREE);
        return pages.make(reader, section.id(), pageId, topic.title(), Optional.empty(), pattern);
    }

    private Optional<Section> sectionFor(Notebook notebook, Edition edition, SyllabusNode topic) {
        return notebooks.sections(notebook).stream()
                .filter(section ->
                        section.monday().isEmpty() && section.topics().contains(topic.id()))
                .min(Comparator.comparing(section -> section.topics().size()))
                .or(() -> topic.parent().flatMap(edition::find).flatMap(above -> sectionFor(notebook, edition, above)));
    }

    private Section newSection(Person reader, Notebook notebook, SyllabusNode topic) {
        return sections.make(reader, notebook.id(), clock.newId(), Optional.empty(), topic.title(), Set.of(topic.id()));
    }
}
