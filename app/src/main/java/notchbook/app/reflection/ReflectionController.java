package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.core.reflection.Answer;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ReflectionController {
    private final Reflections reflections;
    private final Sheets sheets;
    private final Notebooks notebooks;

    ReflectionController(Reflections reflections, Sheets sheets, Notebooks notebooks) {
        this.reflections = reflections;
        this.sheets = sheets;
        this.notebooks = notebooks;
    }

    /** A teaching week with how far its sheet is: words written, and how many of its prompts are met; or why it is let go. */
    record SheetLine(
            int week, LocalDate monday, boolean isWritten, int words, int met, int prompts, int pieces, String letGo) {}

    record SheetBody(
            int baseVersion,
            List<String> questions,
            List<Answer> answers,
            Map<UUID, Integer> ratings,
            Optional<SheetView.ResolveView> resolve,
            String letGo) {
        Reflections.Change change() {
            return new Reflections.Change(
                    baseVersion, questions, answers, ratings, resolve.map(SheetView.ResolveView::resolve), letGo);
        }
    }

    record KeptView(int version) {}

    /** Every teaching week that has begun, the latest first. */
    @GetMapping("/api/notebooks/{id}/reflections")
    List<SheetLine> sheets(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return sheets.lines(notebooks.require(reader, id));
    }

    @GetMapping("/api/notebooks/{id}/reflections/{week}")
    SheetView sheet(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable int week) {
        return sheets.of(notebooks.require(reader, id), reflections.requireWeek(week));
    }

    @GetMapping("/api/notebooks/{id}/reflections/{week}/earlier")
    List<EarlierSheet> earlier(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable int week) {
        return reflections.earlier(notebooks.require(reader, id), reflections.requireWeek(week));
    }

    @PutMapping("/api/notebooks/{id}/reflections/{week}")
    KeptView keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable int week,
            @RequestBody SheetBody body) {
        return new KeptView(reflections.keep(reader, id, week, body.change()).version());
    }
}
