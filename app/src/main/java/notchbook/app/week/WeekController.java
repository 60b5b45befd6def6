package notchbook.app.week;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.Glimpse;
import notchbook.app.mark.PlacedMark;
import notchbook.app.mark.WhereView;
import notchbook.app.people.Person;
import notchbook.core.mark.Mark;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

@RestController
class WeekController {
    private final Weeks weeks;

    private final Standings standings;

    WeekController(Weeks weeks, Standings standings) {
        this.weeks = weeks;
        this.standings = standings;
    }

    /** A week of the ruler with how much was made in it. */
    record RulerWeek(LocalDate monday, Optional<Integer> number, Optional<String> breakName, int made) {}

    record RulerView(String year, LocalDate today, LocalDate thisMonday, List<RulerWeek> weeks) {}

    /** A piece of work with the page that it stands on. */
    record MadeView(UUID notebookId, String page, Glimpse work) {}

    record DayView(LocalDate day, List<MadeView> made) {}

    /** What the last sheet of a notebook before the week meant to do. */
    record IntentionView(UUID notebookId, String notebook, String words) {}

    record CoverNextView(
            UUID notebookId, String notebook, UUID topic, String code, String title, String reason, double weight) {}

    record UnfiledView(UUID id, UUID notebookId, UUID pageId, EntryKind kind, String name, LocalDate day) {}

    /** A task with where it stands. */
    record TaskView(
            UUID id, WhereView where, String words, Optional<UUID> passage, Optional<LocalDate> due, boolean isDone) {
        static TaskView of(PlacedMark placed, Mark.Task task) {
            return new TaskView(
                    task.id(), WhereView.of(placed.where()), placed.words(), task.passage(), task.due(), task.isDone());
        }
    }

    record WeekView(
            LocalDate monday,
            Optional<Integer> number,
            Optional<String> breakName,
            List<DayView> days,
            List<IntentionView> intentions,
            List<TaskView> tasks,
            List<CoverNextView> next,
            List<UnfiledView> unfiled) {}

    @GetMapping("/api/ruler")
    RulerView ruler(@AuthenticationPrincipal Person reader) {
        return weeks.ruler(reader);
    }

    @GetMapping("/api/standings")
    List<Standings.Standing> standings(@AuthenticationPrincipal Person reader) {
        return standings.of(reader);
    }

    /** The week that today is in. */
    @GetMapping("/api/weeks/now")
    WeekView now(@AuthenticationPrincipal Person reader) {
        return weeks.now(reader);
    }

    /** The week that begins on a Monday: what was made in it, and what is worth doing next. */
    @GetMapping("/api/weeks/{monday}")
    WeekView week(
            @AuthenticationPrincipal Person reader,
            @PathVariable @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate monday) {
        return weeks.week(reader, monday);
    }
}
