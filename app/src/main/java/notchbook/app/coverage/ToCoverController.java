package notchbook.app.coverage;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.coverage.Evidence;
import notchbook.core.coverage.ToCover;
import notchbook.core.syllabus.Weights;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a section is to cover, and the student's own ticks on it. */
@RestController
class ToCoverController {
    private final Sections sections;
    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final TickStore ticks;
    private final SchoolClock clock;

    ToCoverController(Sections sections, Notebooks notebooks, Syllabi syllabi, TickStore ticks, SchoolClock clock) {
        this.sections = sections;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.ticks = ticks;
        this.clock = clock;
    }

    record ToCoverView(
            UUID point,
            String code,
            String statement,
            boolean isTicked,
            boolean isCovered,
            Optional<String> disagreement) {}

    @GetMapping("/api/sections/{id}/to-cover")
    List<ToCoverView> toCover(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var section = sections.require(reader, id);
        var notebook = notebooks.require(reader, section.notebookId());
        var edition = syllabi.edition(notebook.editionId());
        var weights = Weights.of(edition, notebook.exam());
        var ticked = ticks.of(notebook.id());
        var covered = notebooks.evidence(notebook).stream()
                .map(Evidence::notches)
                .flatMap(nodes -> nodes.stream())
                .collect(toSet());
        return edition.points()
                .filter(point -> weights.isInForce(point.id()))
                .filter(point -> section.topics().stream()
                        .anyMatch(topic -> edition.pointsUnder(topic).anyMatch(point::equals)))
                .map(point -> new ToCover(
                        point.id(),
                        point.code(),
                        point.title(),
                        ticked.contains(point.id()),
                        covered.contains(point.id())))
                .map(one -> new ToCoverView(
                        one.point(), one.code(), one.statement(), one.isTicked(), one.isCovered(), one.disagreement()))
                .toList();
    }

    @PutMapping("/api/notebooks/{id}/ticks/{point}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void tick(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID point) {
        ticks.insert(requireWith(reader, id, point).id(), point, clock.now());
    }

    @DeleteMapping("/api/notebooks/{id}/ticks/{point}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void untick(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID point) {
        ticks.delete(requireWith(reader, id, point).id(), point);
    }

    private Notebook requireWith(Person reader, UUID id, UUID point) {
        var notebook = notebooks.require(reader, id);
        syllabi.edition(notebook.editionId()).find(point).orElseThrow(() -> Refusal.notFound("point"));
        return notebook;
    }
}
