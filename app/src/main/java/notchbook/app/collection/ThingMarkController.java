package notchbook.app.collection;

import java.util.UUID;
import notchbook.app.mark.MarkBody;
import notchbook.app.mark.Marks;
import notchbook.app.mark.MarksOnThings;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Marks on things of the reader's own collections. */
@RestController
class ThingMarkController {
    private final CitedThings things;
    private final Marks marks;
    private final MarksOnThings store;
    private final SchoolClock clock;

    ThingMarkController(CitedThings things, Marks marks, MarksOnThings store, SchoolClock clock) {
        this.things = things;
        this.marks = marks;
        this.store = store;
        this.clock = clock;
    }

    @PutMapping("/api/things/{thing}/marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void put(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID thing,
            @PathVariable UUID id,
            @RequestBody MarkBody body) {
        things.collectionOf(reader, thing);
        var mark = body.mark(id, clock.now());
        marks.requireFits(reader, mark);
        store.put(thing, mark);
    }

    @DeleteMapping("/api/things/{thing}/marks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@AuthenticationPrincipal Person reader, @PathVariable UUID thing, @PathVariable UUID id) {
        things.collectionOf(reader, thing);
        store.remove(thing, id);
    }
}
