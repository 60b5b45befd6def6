package notchbook.app.notebook;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.syllabus.NodeView;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.SyllabusNode.Origin;
import notchbook.core.syllabus.Tier;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The syllabus as one notebook has it: its edition with the student's own points, and the exam it is for. */
@RestController
class SyllabusOfNotebookController {
    private static final int LONGEST_CODE = 40;
    private static final int LONGEST_STATEMENT = 1_000;

    private final Notebooks notebooks;
    private final Syllabi syllabi;

    SyllabusOfNotebookController(Notebooks notebooks, Syllabi syllabi) {
        this.notebooks = notebooks;
        this.syllabi = syllabi;
    }

    record ExamBody(int examYear, Tier tier, Optional<LocalDate> examDay) {}

    /** A point of the student's own, under a topic of the edition. */
    record OwnPointBody(UUID topic, String code, String statement) {}

    @GetMapping("/api/notebooks/{id}/syllabus")
    List<NodeView> syllabus(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var notebook = notebooks.require(reader, id);
        return syllabi.edition(notebook.editionId(), id)
                .nodes()
                .map(NodeView::of)
                .toList();
    }

    @PutMapping("/api/notebooks/{id}/exam")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void sit(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody ExamBody body) {
        notebooks.sit(reader, id, new ExamChoice(body.examYear(), body.tier()), body.examDay());
    }

    @PutMapping("/api/notebooks/{id}/own-points/{point}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putOwnPoint(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID point,
            @RequestBody OwnPointBody body) {
        var notebook = notebooks.require(reader, id);
        var edition = syllabi.edition(notebook.editionId(), id);
        syllabi.putOwn(notebook.editionId(), id, edition, ownPoint(point, body));
    }

    @DeleteMapping("/api/notebooks/{id}/own-points/{point}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteOwnPoint(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID point) {
        var notebook = notebooks.require(reader, id);
        syllabi.edition(notebook.editionId(), id)
                .find(point)
                .filter(node -> node.origin() == Origin.OWN)
                .orElseThrow(() -> Refusal.notFound("point"));
        syllabi.deleteOwn(point);
    }

    private static SyllabusNode ownPoint(UUID id, OwnPointBody body) {
        return new SyllabusNode(
                id,
                Optional.of(body.topic()),
                SyllabusNode.Kind.POINT,
                checked(body.code(), "code", LONGEST_CODE),
                checked(body.statement(), "statement", LONGEST_STATEMENT),
                OptionalDouble.empty(),
                Tier.CORE,
                ExamYears.ALWAYS,
                Optional.empty(),
                "",
                Origin.OWN);
    }

    private static String checked(String typed, String what, int longest) {
        var text = typed.strip();
        if (text.isEmpty() || text.length() > longest) {
            throw Refusal.unfit("Give the point a %s of up to %d characters.".formatted(what, longest));
        }
        return text;
    }
}
