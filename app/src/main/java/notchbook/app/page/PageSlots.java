package notchbook.app.page;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.entry.Entry;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.notebook.PageEdge;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Weights;
import org.springframework.stereotype.Component;

/** The points that have a slot on the edge of a page. */
@Component
class PageSlots {
    private final Sections sections;
    private final Notebooks notebooks;
    private final Syllabi syllabi;

    PageSlots(Sections sections, Notebooks notebooks, Syllabi syllabi) {
        this.sections = sections;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
    }

    List<SyllabusNode> of(Person reader, Page page, List<Entry> onPage) {
        var section = sections.require(reader, page.sectionId());
        var notebook = notebooks.require(reader, section.notebookId());
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        Set<UUID> notched =
                onPage.stream().flatMap(entry -> entry.notches().stream()).collect(Collectors.toSet());
        return PageEdge.slots(edition, Weights.of(edition, notebook.exam()), section.topics(), notched);
    }
}
