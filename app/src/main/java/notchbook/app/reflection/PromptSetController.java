package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.core.reflection.Prompt;
import notchbook.core.reflection.PromptSet;
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
class PromptSetController {
    private final PromptSets sets;

    PromptSetController(PromptSets sets) {
        this.sets = sets;
    }

    /** The prompts that hold where no set does, and the sets of a student or a class, in the order of their weeks. */
    record PromptSetsView(List<Prompt> ours, List<PromptSet> sets) {}

    record OwnSetBody(String name, LocalDate from, List<Prompt> prompts) {
        PromptSet set(UUID id) {
            return new PromptSet(id, name, from, prompts, false);
        }
    }

    record ClassSetBody(String name, LocalDate from, List<Prompt> prompts, boolean isRead) {
        PromptSet set(UUID id) {
            return new PromptSet(id, name, from, prompts, isRead);
        }
    }

    @GetMapping("/api/prompt-sets")
    PromptSetsView own(@AuthenticationPrincipal Person reader) {
        return new PromptSetsView(Prompt.WEEKLY, sets.of(reader));
    }

    @PutMapping("/api/prompt-sets/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void put(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody OwnSetBody body) {
        sets.put(reader, body.set(id));
    }

    @DeleteMapping("/api/prompt-sets/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        sets.delete(reader, id);
    }

    @GetMapping("/api/classes/{classId}/prompt-sets")
    PromptSetsView ofClass(@AuthenticationPrincipal Person teacher, @PathVariable UUID classId) {
        return new PromptSetsView(Prompt.WEEKLY, sets.ofClass(teacher, classId));
    }

    @PutMapping("/api/classes/{classId}/prompt-sets/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void putOfClass(
            @AuthenticationPrincipal Person teacher,
            @PathVariable UUID classId,
            @PathVariable UUID id,
            @RequestBody ClassSetBody body) {
        sets.put(teacher, classId, body.set(id));
    }

    @DeleteMapping("/api/classes/{classId}/prompt-sets/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void deleteOfClass(@AuthenticationPrincipal Person teacher, @PathVariable UUID classId, @PathVariable UUID id) {
        sets.delete(teacher, classId, id);
    }
}
