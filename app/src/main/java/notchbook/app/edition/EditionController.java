package notchbook.app.edition;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.syllabus.NodeView;
import notchbook.core.coverage.Coverage;
import notchbook.core.edition.NodeChange;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import notchbook.core.text.WordChange;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class EditionController {
    private final EditionMoves moves;

    EditionController(EditionMoves moves) {
        this.moves = moves;
    }

    /** A line that changed, with its words marked where it was reworded, and how many entries are notched to it. */
    record ChangeView(
            NodeChange.Kind kind,
            Optional<NodeView> before,
            Optional<NodeView> after,
            List<ChangedWordsView> words,
            int notches) {}

    record ChangedWordsView(WordChange.Kind kind, String text) {}

    record StandView(double marksCovered, int pointsBare) {}

    record MoveView(String from, String to, List<ChangeView> changes, StandView before, StandView after) {}

    record LastMoveView(UUID id, String from, String to, List<ChangeView> toLookAt) {}

    /** What a notebook could go back on: nothing where it never moved. */
    record MovesView(Optional<LastMoveView> last) {}

    record MoveBody(UUID editionId, int examYear, Tier tier) {}

    /** Two editions side by side. */
    @GetMapping("/api/editions/{id}/changes")
    List<ChangeView> changes(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestParam UUID to) {
        return views(moves.changes(reader, id, to), Map.of());
    }

    @GetMapping("/api/notebooks/{id}/moves/preview")
    MoveView preview(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam UUID editionId,
            @RequestParam int examYear,
            @RequestParam Tier tier) {
        var preview = moves.preview(reader, id, editionId, new ExamChoice(examYear, tier));
        return new MoveView(
                preview.from().name(),
                preview.to().name(),
                views(preview.changes(), preview.notches()),
                view(preview.before()),
                view(preview.after()));
    }

    @GetMapping("/api/notebooks/{id}/moves")
    MovesView moves(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return new MovesView(moves.last(reader, id)
                .map(last -> new LastMoveView(
                        last.id(), last.from().name(), last.to().name(), views(last.toLookAt(), Map.of()))));
    }

    @PutMapping("/api/notebooks/{id}/moves/{move}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID move,
            @RequestBody MoveBody body) {
        moves.move(reader, id, move, body.editionId(), new ExamChoice(body.examYear(), body.tier()));
    }

    @PostMapping("/api/notebooks/{id}/moves/{move}/undo")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void undo(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID move) {
        moves.undo(reader, id, move);
    }

    @PutMapping("/api/notebooks/{id}/moves/{move}/looked-at/{line}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void lookedAt(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID move,
            @PathVariable UUID line) {
        moves.lookedAt(reader, id, move, line);
    }

    private static StandView view(Coverage coverage) {
        return new StandView(coverage.marksCovered(), coverage.pointsBare());
    }

    private static List<ChangeView> views(List<NodeChange> changes, Map<UUID, Integer> notches) {
        return changes.stream().map(change -> view(change, notches)).toList();
    }

    private static ChangeView view(NodeChange change, Map<UUID, Integer> notches) {
        return new ChangeView(
                change.kind(),
                change.before().map(NodeView::of),
                change.after().map(NodeView::of),
                change.kind() == NodeChange.Kind.REWORDED ? words(change) : List.of(),
                change.before()
                        .map(before -> notches.getOrDefault(before.id(), 0))
                        .orElse(0));
    }

    private static List<ChangedWordsView> words(NodeChange change) {
        return WordChange.of(
                        change.before().map(SyllabusNode::title).orElseThrow(),
                        change.after().map(SyllabusNode::title).orElseThrow())
                .parts()
                .stream()
                .map(part -> new ChangedWordsView(part.kind(), part.text()))
                .toList();
    }
}
