package notchbook.app.mark;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.core.mark.MarkShape;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The kinds of mark that a student made. */
@RestController
class OwnMarkController {
    /** One key each: 4 to 9. */
    private static final int MOST_OWN = 6;

    private final OwnMarkStore store;

    OwnMarkController(OwnMarkStore store) {
        this.store = store;
    }

    record OwnMarkBody(String name, MarkShape shape) {}

    @GetMapping("/api/own-marks")
    List<OwnMark> ownMarks(@AuthenticationPrincipal Person reader) {
        return store.of(reader.id());
    }

    @PutMapping("/api/own-marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void keep(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody OwnMarkBody body) {
        reader.requireStudent();
        var others = store.of(reader.id()).stream()
                .filter(own -> !own.id().equals(id))
                .count();
        if (others >= MOST_OWN) {
            throw Refusal.unfit("You have 6 marks of your own, one for each key. Change one that you no longer use.");
        }
        if (!store.put(reader.id(), new OwnMark(id, body.name(), body.shape()))) {
            throw Refusal.notFound("mark");
        }
    }

    @DeleteMapping("/api/own-marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var mine = store.of(reader.id()).stream().anyMatch(own -> own.id().equals(id));
        if (mine && store.uses(id) > 0) {
            throw Refusal.notNow(
                    "This mark stands in your notebooks. Take it off there first, or give it another name.");
        }
        if (!store.delete(reader.id(), id)) {
            throw Refusal.notFound("mark");
        }
    }
}
