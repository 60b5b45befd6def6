package notchbook.app.reflection;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.reflection.LookBackViews.LookBackLine;
import notchbook.app.reflection.LookBackViews.LookBackView;
import notchbook.app.reflection.LookBackViews.LookedAtView;
import notchbook.core.reflection.Answer;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class LookBackController {
    private final LookBacks lookBacks;
    private final LookBackDesk desk;
    private final Notebooks notebooks;

    LookBackController(LookBacks lookBacks, LookBackDesk desk, Notebooks notebooks) {
        this.lookBacks = lookBacks;
        this.desk = desk;
        this.notebooks = notebooks;
    }

    record LookBackBody(
            LookedAtView on, Optional<UUID> setId, int baseVersion, List<String> questions, List<Answer> answers) {
        LookBacks.Wish wish(UUID id, UUID notebookId) {
            return new LookBacks.Wish(id, notebookId, on.on(), setId);
        }

        LookBacks.Change change() {
            return new LookBacks.Change(baseVersion, questions, answers);
        }
    }

    record LookBackKept(int version) {}

    @GetMapping("/api/notebooks/{notebook}/look-backs")
    List<LookBackLine> ofNotebook(@AuthenticationPrincipal Person reader, @PathVariable UUID notebook) {
        var own = notebooks.require(reader, notebook);
        return desk.lines(own, lookBacks.of(own));
    }

    /** Those on a page and on what is on it. */
    @GetMapping("/api/pages/{page}/look-backs")
    List<LookBackLine> onPage(@AuthenticationPrincipal Person reader, @PathVariable UUID page) {
        var all = lookBacks.on(reader, page);
        return all.isEmpty()
                ? List.of()
                : desk.lines(notebooks.require(reader, all.getFirst().notebookId()), all);
    }

    /** One that is there, or what looking back on a page, a version or entries would begin with. */
    @GetMapping("/api/notebooks/{notebook}/look-backs/{id}")
    LookBackView lookBack(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID notebook,
            @PathVariable UUID id,
            @RequestParam Optional<UUID> page,
            @RequestParam Optional<UUID> version,
            @RequestParam(defaultValue = "") List<UUID> entries,
            @RequestParam Optional<UUID> set) {
        return desk.view(
                reader,
                lookBacks
                        .find(reader, notebook, id)
                        .orElseGet(() -> lookBacks.begin(
                                reader,
                                new LookBacks.Wish(id, notebook, new LookedAtView(page, version, entries).on(), set))));
    }

    @PutMapping("/api/notebooks/{notebook}/look-backs/{id}")
    LookBackKept keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID notebook,
            @PathVariable UUID id,
            @RequestBody LookBackBody body) {
        return new LookBackKept(
                lookBacks.keep(reader, body.wish(id, notebook), body.change()).version());
    }

    @DeleteMapping("/api/look-backs/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        lookBacks.delete(reader, id);
    }

    @PostMapping("/api/look-backs/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        lookBacks.restore(reader, id);
    }
}
