package notchbook.app.reflection;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.EntryKind;
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
    private final Notebooks notebooks;
    private final SchoolYears years;
    private final SchoolClock clock;

    ReflectionController(Reflections reflections, Notebooks notebooks, SchoolYears years, SchoolClock clock) {
        this.reflections = reflections;
        this.notebooks = notebooks;
        this.years = years;
        this.clock = clock;
    }

    record PromptView(String question, int least, int most) {}

    record WorkView(UUID id, UUID pageId, EntryKind kind, String name) {}

    record RatingView(UUID topic, String code, String title, Optional<Integer> value) {}

    record SheetView(
            int week,
            LocalDate monday,
            int version,
            List<PromptView> prompts,
            List<String> answers,
            List<WorkView> work,
            Set<UUID> choices,
            List<RatingView> ratings) {}

    /** A teaching week with how far its sheet is: words written, and how many of its prompts are in range. */
    record SheetLine(int week, LocalDate monday, int words, int inRange, int prompts, int choices) {}

    record SheetBody(int baseVersion, List<String> answers, Set<UUID> choices, Map<UUID, Integer> ratings) {}

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
        var notebook = notebooks.require(reader, id);
        var calendarWeek = reflections.requireWeek(week);
        var sheet = reflections.sheet(notebook, calendarWeek);
        var made = reflections.madeIn(notebook, calendarWeek);
        return new SheetView(
                week,
                calendarWeek.monday(),
                sheet.version(),
                Prompt.WEEKLY.stream()
                        .map(prompt -> new PromptView(
                                prompt.question(),
                                prompt.range().least(),
                                prompt.range().most()))
                        .toList(),
                sheet.answers(),
                made.stream()
                        .map(entry -> new WorkView(entry.id(), entry.place().pageId(), entry.kind(), entry.name()))
                        .toList(),
                sheet.choices(),
                reflections.topicsOf(notebook, calendarWeek, made).stream()
                        .map(topic -> new RatingView(
                                topic.id(),
                                topic.code(),
                                topic.title(),
                                Optional.ofNullable(sheet.ratings().get(topic.id()))))
                        .toList());
    }

    @PutMapping("/api/notebooks/{id}/reflections/{week}")
    KeptView keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable int week,
            @RequestBody SheetBody body) {
        var change = new Reflections.Change(body.baseVersion(), body.answers(), body.choices(), body.ratings());
        return new KeptView(reflections.keep(reader, id, week, change).version());
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
