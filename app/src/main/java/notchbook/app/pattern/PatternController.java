package notchbook.app.pattern;

import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Patterns;
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
class PatternController {
    private final OwnPatterns patterns;

    PatternController(OwnPatterns patterns) {
        this.patterns = patterns;
    }

    record PatternsView(List<Pattern> standard, List<OwnPattern> own) {}

    @GetMapping("/api/patterns")
    PatternsView patterns(@AuthenticationPrincipal Person reader) {
        return new PatternsView(Patterns.STANDARD, patterns.of(reader));
    }

    @PutMapping("/api/patterns/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody Pattern pattern) {
        patterns.put(reader, id, pattern);
    }

    @DeleteMapping("/api/patterns/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        patterns.delete(reader, id);
    }
}
