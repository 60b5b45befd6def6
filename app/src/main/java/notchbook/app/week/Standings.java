package notchbook.app.week;

import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.coverage.Coverages;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.mark.Marks;
import notchbook.app.mark.WhereView;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.paper.Papers;
import notchbook.app.people.Person;
import notchbook.app.suggest.Suggestions;
import notchbook.core.mark.Gathering;
import org.springframework.stereotype.Service;

/** Where each of a student's notebooks stands, in the few figures that are in sight on every screen. */
@Service
class Standings {
    private final Notebooks notebooks;
    private final NotebookEntries entries;
    private final Coverages coverages;
    private final Papers papers;
    private final Marks marks;
    private final Suggestions suggestions;

    Standings(
            Notebooks notebooks,
            NotebookEntries entries,
            Coverages coverages,
            Papers papers,
            Marks marks,
            Suggestions suggestions) {
        this.notebooks = notebooks;
        this.entries = entries;
        this.coverages = coverages;
        this.papers = papers;
        this.marks = marks;
        this.suggestions = suggestions;
    }

    /** {@code marksCovered} is a share of the exam, from 0 to 1. */
    record Standing(UUID notebookId, double marksCovered, int papersDone, int papers, int openMarks, int unfiled) {}

    List<Standing> of(Person reader) {
        var open = openMarks(reader);
        return notebooks.of(reader).stream()
                .map(notebook -> standing(notebook, open.getOrDefault(notebook.id(), 0L)))
                .toList();
    }

    private Standing standing(Notebook notebook, long openMarks) {
        var count = papers.count(notebook.id());
        return new Standing(
                notebook.id(),
                coverages.of(notebook).marksCovered(),
                count.done(),
                count.all(),
                (int) openMarks,
                unfiled(notebook));
    }

    private int unfiled(Notebook notebook) {
        var loose = entries.in(notebook).stream()
                .filter(Suggestions::isUnfiled)
                .map(Entry::id)
                .toList();
        return loose.size() - suggestions.besideSyllabus(loose).size();
    }

    /** Questions without an answer and tasks that are not done, by notebook. */
    private Map<UUID, Long> openMarks(Person reader) {
        var open = new Gathering.Wish(
                Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(true));
        return marks.gathered(reader, Optional.empty(), open).stream()
                .flatMap(one -> WhereView.of(one.where()).notebookId().stream())
                .collect(groupingBy(notebook -> notebook, counting()));
    }
}
