package notchbook.app.page;

import java.util.UUID;
import notchbook.app.people.Person;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class PageMoveController {
    private final PageMoves moves;

    PageMoveController(PageMoves moves) {
        this.moves = moves;
    }

    record PagePlaceBody(UUID sectionId, int position) {}

    record PageCopyBody(UUID sectionId) {}

    @PostMapping("/api/pages/{id}/place")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody PagePlaceBody body) {
        moves.move(reader, id, body.sectionId(), body.position());
    }

    @PutMapping("/api/pages/{id}/copies/{copy}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void copy(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID copy,
            @RequestBody PageCopyBody body) {
        moves.copy(reader, id, copy, body.sectionId());
    }
}
