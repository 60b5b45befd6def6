package notchbook.app.edition;

import static java.util.stream.Collectors.toMap;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.coverage.Coverages;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.EditionInfo;
import notchbook.app.syllabus.KeyedToSyllabus;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.coverage.Coverage;
import notchbook.core.edition.EditionComparison;
import notchbook.core.edition.EditionMove;
import notchbook.core.edition.NodeChange;
import notchbook.core.syllabus.ExamChoice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets editions side by side, and moves notebooks from one to another and back. */
@Service
class EditionMoves {
    private final MoveStore store;
    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final Coverages coverages;
    private final List<KeyedToSyllabus> keyed;
    private final SchoolClock clock;

    EditionMoves(
            MoveStore store,
            Notebooks notebooks,
            Syllabi syllabi,
            Coverages coverages,
            List<KeyedToSyllabus> keyed,
            SchoolClock clock) {
        this.store = store;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.coverages = coverages;
        this.keyed = keyed;
        this.clock = clock;
    }

    /** What a move would do: each line's change with the entries notched to it, and the coverage before and after. */
    record Preview(
            EditionInfo from,
            EditionInfo to,
            List<NodeChange> changes,
            Map<UUID, Integer> notches,
            Coverage before,
            Coverage after) {}

    /** The move that a notebook could go back on, with the reworded lines that ask for a look. */
    record LastMove(UUID id, EditionInfo from, EditionInfo to, List<NodeChange> toLookAt) {}

    List<NodeChange> changes(Person reader, UUID before, UUID after) {
        syllabi.requireInfo(reader, before);
        syllabi.requireInfo(reader, after);
        return EditionComparison.of(syllabi.edition(before), syllabi.edition(after))
                .changes();
    }

    Preview preview(Person reader, UUID notebookId, UUID editionId, ExamChoice exam) {
        var notebook = notebooks.require(reader, notebookId);
        var to = requireOther(reader, notebook, editionId);
        var way = way(notebook, editionId);
        var input = coverages.input(notebook);
        var notches = new HashMap<UUID, Integer>();
        input.evidence().forEach(one -> one.notches().forEach(line -> notches.merge(line, 1, Integer::sum)));
        return new Preview(
                syllabi.requireInfo(reader, notebook.editionId()),
                to,
                way.changes(),
                notches,
                Coverage.of(input),
                Coverage.of(way.carry(input).sitting(exam)));
    }

    /** Moves a notebook; making the same move again changes nothing. */
    @Transactional
    void move(Person reader, UUID notebookId, UUID moveId, UUID editionId, ExamChoice exam) {
        var notebook = notebooks.require(reader, notebookId);
        if (store.last(notebookId).filter(last -> last.id().equals(moveId)).isPresent()) {
            return;
        }
        requireOther(reader, notebook, editionId);
        var way = way(notebook, editionId);
        store.insert(
                new MoveStore.Move(moveId, notebookId, notebook.editionId(), editionId, notebook.exam(), clock.now()),
                way.changes());
        rekey(notebook, editionId, exam, way.lines());
    }

    Optional<LastMove> last(Person reader, UUID notebookId) {
        var notebook = notebooks.require(reader, notebookId);
        return store.last(notebookId)
                .filter(move -> move.to().equals(notebook.editionId()))
                .map(move -> new LastMove(
                        move.id(),
                        syllabi.requireInfo(reader, move.from()),
                        syllabi.requireInfo(reader, move.to()),
                        toLookAt(move)));
    }

    /** Goes back to where the last move came from: what was carried comes back, and what was left behind counts again. */
    @Transactional
    void undo(Person reader, UUID notebookId, UUID moveId) {
        var notebook = notebooks.require(reader, notebookId);
        var move = requireLast(notebookId, moveId);
        var back = store.pairs(moveId).entrySet().stream().collect(toMap(Map.Entry::getValue, Map.Entry::getKey));
        rekey(notebook, move.from(), move.before(), back);
        store.undone(moveId, clock.now());
    }

    @Transactional
    void lookedAt(Person reader, UUID notebookId, UUID moveId, UUID line) {
        notebooks.require(reader, notebookId);
        store.lookedAt(requireLast(notebookId, moveId).id(), line, clock.now());
    }

    private EditionMove way(Notebook notebook, UUID editionId) {
        return EditionMove.of(
                syllabi.edition(notebook.editionId(), notebook.id()), syllabi.edition(editionId, notebook.id()));
    }

    private void rekey(Notebook notebook, UUID editionId, ExamChoice exam, Map<UUID, UUID> lines) {
        keyed.forEach(room -> room.rekey(notebook.id(), lines));
        syllabi.moveOwn(notebook.id(), editionId, lines);
        notebooks.move(notebook, editionId, exam);
    }

    private List<NodeChange> toLookAt(MoveStore.Move move) {
        var before = syllabi.edition(move.from());
        var after = syllabi.edition(move.to());
        return store.reworded(move.id()).entrySet().stream()
                .map(pair -> new NodeChange(
                        NodeChange.Kind.REWORDED, before.find(pair.getKey()), after.find(pair.getValue())))
                .filter(change -> change.before().isPresent() && change.after().isPresent())
                .sorted(Comparator.comparing(change -> change.node().code()))
                .toList();
    }

    private MoveStore.Move requireLast(UUID notebookId, UUID moveId) {
        return store.last(notebookId)
                .filter(move -> move.id().equals(moveId))
                .orElseThrow(() -> Refusal.notNow("This notebook has moved on since. Load the page again."));
    }

    private EditionInfo requireOther(Person reader, Notebook notebook, UUID editionId) {
        if (notebook.editionId().equals(editionId)) {
            throw Refusal.notNow("This notebook is in that edition already.");
        }
        return syllabi.requireInfo(reader, editionId);
    }
}
