package notchbook.app.collection;

import java.util.UUID;
import notchbook.app.mark.MarkBody;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Marks on things of the reader's own collections. */
@RestController
class ThingMarkController {
    private final MarkingThings marking;
    private final SchoolClock clock;

    ThingMarkController(MarkingThings marking, SchoolClock clock) {
        this.marking = marking;
        this.clock = clock;
    }

    @PutMapping("/api/things/{thing}/marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID thing,
            @PathVariable UUID id,
            @RequestBody MarkBody body) {
        marking.put(reader, thing, body.mark(id, clock.now()));
    }

    @DeleteMapping("/api/things/{thing}/marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal Person reader, @PathVariable UUID thing, @PathVariable UUID id) {
        marking.remove(reader, thing, id);
    }
}
