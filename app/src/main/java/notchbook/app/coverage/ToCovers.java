package notchbook.app.coverage;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.UUID;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.coverage.ToCover;
import notchbook.core.syllabus.Weights;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What sections are to cover, and the students' own ticks on it. */
@Service
public class ToCovers {
    private final Sections sections;
    private final Notebooks notebooks;
    private final NotebookEntries notebookEntries;
    private final Syllabi syllabi;
    private final TickStore ticks;
    private final SchoolClock clock;

    ToCovers(
            Sections sections,
            Notebooks notebooks,
            NotebookEntries notebookEntries,
            Syllabi syllabi,
            TickStore ticks,
            SchoolClock clock) {
        this.sections = sections;
        this.notebooks = notebooks;
        this.notebookEntries = notebookEntries;
        this.syllabi = syllabi;
        this.ticks = ticks;
        this.clock = clock;
    }

    /** The points in force of a section's topics, in the order of the syllabus. */
    List<ToCover> in(Person reader, UUID sectionId) {
        var section = sections.require(reader, sectionId);
        var notebook = notebooks.require(reader, section.notebookId());
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var weights = Weights.of(edition, notebook.exam());
        var asked = section.topics().stream().flatMap(edition::pointsUnder).collect(toSet());
        var ticked = ticks.of(notebook.id());
        var covered = notebookEntries.evidence(notebook).stream()
                .flatMap(evidence -> evidence.notches().stream())
                .collect(toSet());
        return edition.points()
                .filter(point -> asked.contains(point) && weights.isInForce(point.id()))
                .map(point -> new ToCover(
                        point.id(),
                        point.code(),
                        point.title(),
                        ticked.contains(point.id()),
                        covered.contains(point.id())))
                .toList();
    }

    @Transactional
    public void tick(Person reader, UUID notebookId, UUID point) {
        ticks.insert(requireWith(reader, notebookId, point).id(), point, clock.now());
    }

    @Transactional
    public void untick(Person reader, UUID notebookId, UUID point) {
        ticks.delete(requireWith(reader, notebookId, point).id(), point);
    }

    private Notebook requireWith(Person reader, UUID id, UUID point) {
        var notebook = notebooks.require(reader, id);
        syllabi.edition(notebook.editionId(), notebook.id()).find(point).orElseThrow(() -> Refusal.notFound("point"));
        return notebook;
    }
}
