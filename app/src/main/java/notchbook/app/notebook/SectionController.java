package notchbook.app.notebook;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.core.syllabus.ExamYears;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SectionController {
    private final Sections sections;

    SectionController(Sections sections) {
        this.sections = sections;
    }

    record NewSectionBody(UUID notebookId, Optional<UUID> parent, String title, Set<UUID> topics) {}

    /** {@code examYears} as a syllabus writes them: 2027-2029, 2028, 2028- or -2027; empty for all. */
    record SectionBody(String title, Optional<Set<UUID>> topics, Optional<String> examYears) {}

    record PlaceBody(Optional<UUID> parent, int position) {}

    @PutMapping("/api/sections/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void make(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody NewSectionBody body) {
        sections.make(reader, body.notebookId(), id, body.parent(), body.title(), body.topics());
    }

    @PostMapping("/api/notebooks/{id}/sections-for-units")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void makeForUnits(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        sections.makeForUnits(reader, id);
    }

    @PostMapping("/api/notebooks/{id}/sections-for-weeks")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void makeForWeeks(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        sections.makeForWeeks(reader, id);
    }

    @PatchMapping("/api/sections/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SectionBody body) {
        sections.change(
                reader, id, body.title(), body.topics(), body.examYears().map(SectionController::years));
    }

    private static ExamYears years(String written) {
        return ExamYears.parse(written)
                .orElseThrow(() -> Refusal.unfit("Write exam years as 2028, 2028- or 2027-2029."));
    }

    @PostMapping("/api/sections/{id}/place")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody PlaceBody body) {
        sections.move(reader, id, body.parent(), body.position());
    }

    @DeleteMapping("/api/sections/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        sections.delete(reader, id);
    }
}
