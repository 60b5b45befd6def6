package notchbook.app.notebook;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Patterns;
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

@RestController
class PatternController {
    private static final int MOST_OWN = 50;

    private final PatternStore store;
    private final SchoolClock clock;

    PatternController(PatternStore store, SchoolClock clock) {
        this.store = store;
        this.clock = clock;
    }

    record PatternsView(List<Pattern> standard, List<OwnPattern> own) {}

    @GetMapping("/api/patterns")
    PatternsView patterns(@AuthenticationPrincipal Person reader) {
        return new PatternsView(Patterns.STANDARD, store.of(reader.id()));
    }

    @PutMapping("/api/patterns/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    void keep(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody Pattern pattern) {
        reader.requireStudent();
        if (store.of(reader.id()).size() >= MOST_OWN) {
            throw Refusal.unfit("You have 50 patterns. Delete one that you no longer use.");
        }
        if (!store.put(reader.id(), new OwnPattern(id, pattern), clock.now())) {
            throw Refusal.notFound("pattern");
        }
    }

    @DeleteMapping("/api/patterns/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        if (!store.delete(reader.id(), id)) {
            throw Refusal.notFound("pattern");
        }
    }
}
