package notchbook.app.view;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.view.Look;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ViewController {
    private final KeptViews views;
    private final Boards boards;
    private final LookedAt lookedAt;

    ViewController(KeptViews views, Boards boards, LookedAt lookedAt) {
        this.lookedAt = lookedAt;
        this.views = views;
        this.boards = boards;
    }

    record KeptViewBody(String name, Look look) {}

    record TieBody(UUID from, UUID to, String words, boolean isDirected) {}

    record PlacesBody(List<Place> places) {}

    @GetMapping("/api/collections/{id}/views")
    ViewsOfCollection all(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return lookedAt.of(reader, id);
    }

    @PutMapping("/api/collections/{id}/views/{view}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID view,
            @RequestBody KeptViewBody body) {
        views.keep(reader, id, new NamedView(view, body.name().strip(), body.look()));
    }

    @DeleteMapping("/api/collections/{id}/views/{view}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID view) {
        views.delete(reader, id, view);
    }

    /** Moves some cards of the board. */
    @PutMapping("/api/collections/{id}/places")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void place(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody PlacesBody body) {
        boards.place(reader, id, body.places());
    }

    @PutMapping("/api/collections/{id}/ties/{tie}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tie(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID tie,
            @RequestBody TieBody body) {
        boards.tie(reader, id, new Tie(tie, body.from(), body.to(), body.words().strip(), body.isDirected()));
    }

    @DeleteMapping("/api/collections/{id}/ties/{tie}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void untie(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID tie) {
        boards.untie(reader, id, tie);
    }
}
