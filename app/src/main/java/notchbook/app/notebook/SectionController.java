package notchbook.app.notebook;

import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.people.Person;
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

    record SectionTitleBody(String title) {}

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

    @PatchMapping("/api/sections/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rename(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SectionTitleBody body) {
        sections.rename(reader, id, body.title());
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
