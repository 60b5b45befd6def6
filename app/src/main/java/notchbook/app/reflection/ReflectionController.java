package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.core.calendar.CalendarWeek;
import notchbook.core.reflection.Prompt;
import notchbook.core.text.Words;
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
    private final SchoolYears years;
    private final SchoolClock clock;

    ReflectionController(
            Reflections reflections, Sheets sheets, Notebooks notebooks, SchoolYears years, SchoolClock clock) {
        this.reflections = reflections;
        this.sheets = sheets;
        this.notebooks = notebooks;
        this.years = years;
        this.clock = clock;
    }

    /** A teaching week with how far its sheet is: words written, and how many of its prompts are in range. */
    record SheetLine(int week, LocalDate monday, int words, int inRange, int prompts, int choices) {}

    record SheetBody(
            int baseVersion,
            List<String> answers,
            Set<UUID> choices,
            Map<UUID, Integer> ratings,
            Optional<SheetView.ResolveView> resolve) {
        Reflections.Change change() {
            return new Reflections.Change(
                    baseVersion, answers, choices, ratings, resolve.map(SheetView.ResolveView::resolve));
        }
    }

    record KeptView(int version) {}

    /** Every teaching week that has begun, the latest first. */
    @GetMapping("/api/notebooks/{id}/reflections")
    List<SheetLine> sheets(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var notebook = notebooks.require(reader, id);
        return years.yearOf(clock.today()).weeks().reversed().stream()
                .filter(week -> week.isTeaching() && !week.monday().isAfter(clock.today()))
                .map(week -> line(week, reflections.sheet(notebook, week)))
                .toList();
    }

    @GetMapping("/api/notebooks/{id}/reflections/{week}")
    SheetView sheet(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable int week) {
        return sheets.of(notebooks.require(reader, id), reflections.requireWeek(week));
    }

    @PutMapping("/api/notebooks/{id}/reflections/{week}")
    KeptView keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable int week,
            @RequestBody SheetBody body) {
        return new KeptView(reflections.keep(reader, id, week, body.change()).version());
    }

    private static SheetLine line(CalendarWeek week, Reflection sheet) {
        var counts = sheet.answers().stream().map(Words::count).toList();
        var inRange = 0;
        for (var i = 0; i < counts.size(); i++) {
            inRange += Prompt.WEEKLY.get(i).range().contains(counts.get(i)) ? 1 : 0;
        }
        return new SheetLine(
                week.number().orElseThrow(),
                week.monday(),
                counts.stream().mapToInt(Integer::intValue).sum(),
                inRange,
                counts.size(),
                sheet.choices().size());
    }
}
