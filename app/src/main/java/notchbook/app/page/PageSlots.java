package notchbook.app.page;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.notebook.EvidenceKind;
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

    private final NotebookEntries entries;

    PageSlots(Sections sections, Notebooks notebooks, Syllabi syllabi, NotebookEntries entries) {
        this.entries = entries;
        this.sections = sections;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
    }

    /** A point on the edge of a page, with the kinds of evidence that the whole notebook holds for it. */
    record Slot(SyllabusNode point, List<EvidenceKind> kinds) {}

    List<Slot> of(Person reader, Page page, List<Entry> onPage) {
        var section = sections.require(reader, page.sectionId());
        var notebook = notebooks.require(reader, section.notebookId());
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        Set<UUID> notched =
                onPage.stream().flatMap(entry -> entry.notches().stream()).collect(Collectors.toSet());
        var kinds = entries.kinds(List.of(notebook.id())).getOrDefault(notebook.id(), Map.of());
        return PageEdge.slots(edition, Weights.of(edition, notebook.exam()), section.topics(), notched).stream()
                .map(point -> new Slot(
                        point,
                        kinds.getOrDefault(point.id(), Set.of()).stream()
                                .sorted()
                                .toList()))
                .toList();
    }
}
