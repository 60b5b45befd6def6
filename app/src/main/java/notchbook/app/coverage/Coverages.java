package notchbook.app.coverage;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.paper.Papers;
import notchbook.app.people.Person;
import notchbook.app.plan.Plans;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.reflection.LookBacks;
import notchbook.app.reflection.Reflections;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.CoverageInput;
import notchbook.core.coverage.Evidence;
import notchbook.core.coverage.LookedAgain;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The coverage of a notebook: loads what counts and asks the core. */
@Service
public class Coverages {
    private final Notebooks notebooks;
    private final NotebookEntries notebookEntries;
    private final Reflections reflections;
    private final LookBacks lookBacks;
    private final Syllabi syllabi;
    private final Plans plans;
    private final SchoolYears years;
    private final Papers papers;
    private final LookStore looks;
    private final SchoolClock clock;

    Coverages(
            Notebooks notebooks,
            NotebookEntries notebookEntries,
            Reflections reflections,
            LookBacks lookBacks,
            Syllabi syllabi,
            Plans plans,
            SchoolYears years,
            Papers papers,
            LookStore looks,
            SchoolClock clock) {
        this.notebooks = notebooks;
        this.notebookEntries = notebookEntries;
        this.reflections = reflections;
        this.lookBacks = lookBacks;
        this.syllabi = syllabi;
        this.plans = plans;
        this.years = years;
        this.papers = papers;
        this.looks = looks;
        this.clock = clock;
    }

    public Coverage of(Notebook notebook) {
        return Coverage.of(input(notebook));
    }

    /** Everything that the coverage of a notebook is worked out from. */
    public CoverageInput input(Notebook notebook) {
        return input(notebook, notebookEntries.evidence(notebook));
    }

    /** The same for some lines alone: evidence for others is not in it. */
    public CoverageInput input(Notebook notebook, Set<UUID> lines) {
        return input(notebook, notebookEntries.evidence(notebook, lines));
    }

    private CoverageInput input(Notebook notebook, List<Evidence> notched) {
        var evidence = new ArrayList<>(notched);
        evidence.addAll(reflections.evidence(notebook));
        evidence.addAll(lookBacks.evidence(notebook));
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        return new CoverageInput(
                edition,
                notebook.exam(),
                notebook.examDay(),
                years.yearOf(clock.today()),
                clock.today(),
                plans.of(notebook, edition),
                evidence,
                papers.marks(notebook.id()),
                reflections.ratings(notebook),
                looks.of(notebook.id()));
    }

    /** Notes that a topic was looked at again today, which restarts its revisit. */
    @Transactional
    public void lookedAgain(Person reader, UUID notebookId, UUID topic) {
        var notebook = notebooks.require(reader, notebookId);
        syllabi.edition(notebook.editionId(), notebook.id()).find(topic).orElseThrow(() -> Refusal.notFound("topic"));
        looks.insert(notebookId, new LookedAgain(topic, clock.today()));
    }
}
