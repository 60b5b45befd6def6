package notchbook.app.show;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.collection.ReaderKind;
import notchbook.app.people.Person;
import notchbook.app.show.Shown.ShownCollection;
import notchbook.app.show.Shown.ShownLine;
import notchbook.app.show.TakingOver.Taken;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** To whom collections are shown, and those that are shown to the reader. */
@RestController
class ShowController {
    private final Showing showing;
    private final Shown shown;
    private final TakingOver taking;

    ShowController(Showing showing, Shown shown, TakingOver taking) {
        this.showing = showing;
        this.shown = shown;
        this.taking = taking;
    }

    /** All things where none is named; into a new collection where none is. */
    record TakeBody(Set<UUID> things, Optional<UUID> into) {}

    @GetMapping("/api/collections/{id}/readers")
    Showing.ShownTo readers(@AuthenticationPrincipal Person owner, @PathVariable UUID id) {
        return showing.of(owner, id);
    }

    @PutMapping("/api/collections/{id}/readers/classes/{schoolClass}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void toClass(@AuthenticationPrincipal Person owner, @PathVariable UUID id, @PathVariable UUID schoolClass) {
        showing.toClass(owner, id, schoolClass);
    }

    @DeleteMapping("/api/collections/{id}/readers/classes/{schoolClass}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void notToClass(@AuthenticationPrincipal Person owner, @PathVariable UUID id, @PathVariable UUID schoolClass) {
        showing.takeBack(owner, id, ReaderKind.CLASS, schoolClass);
    }

    @PutMapping("/api/collections/{id}/readers/groups/{group}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void toGroup(@AuthenticationPrincipal Person owner, @PathVariable UUID id, @PathVariable UUID group) {
        showing.toGroup(owner, id, group);
    }

    @DeleteMapping("/api/collections/{id}/readers/groups/{group}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void notToGroup(@AuthenticationPrincipal Person owner, @PathVariable UUID id, @PathVariable UUID group) {
        showing.takeBack(owner, id, ReaderKind.GROUP, group);
    }

    @PutMapping("/api/collections/{id}/readers/people/{person}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void toPerson(@AuthenticationPrincipal Person owner, @PathVariable UUID id, @PathVariable UUID person) {
        showing.toPerson(owner, id, person);
    }

    @DeleteMapping("/api/collections/{id}/readers/people/{person}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void notToPerson(@AuthenticationPrincipal Person owner, @PathVariable UUID id, @PathVariable UUID person) {
        showing.takeBack(owner, id, ReaderKind.PERSON, person);
    }

    @GetMapping("/api/shown-collections")
    List<ShownLine> shown(@AuthenticationPrincipal Person reader) {
        return shown.to(reader);
    }

    @GetMapping("/api/shown-collections/{id}")
    ShownCollection one(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return shown.require(reader, id);
    }

    @PostMapping("/api/shown-collections/{id}/taken-over")
    Taken takeOver(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody TakeBody body) {
        return body.into()
                .map(into -> taking.take(reader, id, body.things(), into))
                .orElseGet(() -> taking.asOwn(reader, id, body.things()));
    }

    @PostMapping("/api/shown-collections/{id}/kept-for-later")
    Taken keepForLater(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody TakeBody body) {
        return taking.forLater(reader, id, body.things());
    }
}
