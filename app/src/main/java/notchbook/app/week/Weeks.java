package notchbook.app.week;

import static java.time.DayOfWeek.MONDAY;
import static java.time.temporal.TemporalAdjusters.previousOrSame;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.coverage.Coverages;
import notchbook.app.entry.Entry;
import notchbook.app.entry.Glimpses;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.mark.Marks;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.reflection.Reflections;
import notchbook.app.suggest.Suggestions;
import notchbook.app.week.WeekController.CoverNextView;
import notchbook.app.week.WeekController.DayView;
import notchbook.app.week.WeekController.IntentionView;
import notchbook.app.week.WeekController.MadeView;
import notchbook.app.week.WeekController.RulerView;
import notchbook.app.week.WeekController.RulerWeek;
import notchbook.app.week.WeekController.TaskView;
import notchbook.app.week.WeekController.UnfiledView;
import notchbook.app.week.WeekController.WeekView;
import notchbook.core.calendar.CalendarWeek;
import notchbook.core.mark.Gathering;
import notchbook.core.mark.Mark;
import notchbook.core.mark.MarkKind;
import notchbook.core.mark.WeekTasks;
import org.springframework.stereotype.Service;

/** A week across all of a student's notebooks. */
@Service
class Weeks {
    private static final int NEXT_STEPS_A_NOTEBOOK = 3;
    private static final int MOST_UNFILED = 6;

    private final Notebooks notebooks;
    private final NotebookEntries notebookEntries;
    private final Coverages coverages;
    private final Marks marks;
    private final Suggestions suggestions;
    private final Reflections reflections;
    private final SchoolYears years;
    private final Glimpses glimpses;
    private final SchoolClock clock;

    Weeks(
            Notebooks notebooks,
            NotebookEntries notebookEntries,
            Coverages coverages,
            Marks marks,
            Suggestions suggestions,
            Reflections reflections,
            SchoolYears years,
            Glimpses glimpses,
            SchoolClock clock) {
        this.glimpses = glimpses;
        this.marks = marks;
        this.suggestions = suggestions;
        this.reflections = reflections;
        this.notebooks = notebooks;
        this.notebookEntries = notebookEntries;
        this.coverages = coverages;
        this.years = years;
        this.clock = clock;
    }

    private record Made(Notebook notebook, Entry entry, LocalDate day) {
        String name() {
            return entry.name();
        }

        /** A note beside another entry belongs to that one, and needs no line and no notch of its own. */
        boolean standsAlone() {
            return entry.place().beside().isEmpty();
        }

        LocalDate monday() {
            return day.with(previousOrSame(MONDAY));
        }
    }

    RulerView ruler(Person reader) {
        var today = clock.today();
        var year = years.yearOf(today);
        var byWeek = made(reader).collect(groupingBy(Made::monday));
        return new RulerView(
                year.name(),
                today,
                today.with(previousOrSame(MONDAY)),
                year.weeks().stream()
                        .map(week -> new RulerWeek(
                                week.monday(),
                                number(week.number()),
                                week.breakName(),
                                byWeek.getOrDefault(week.monday(), List.of()).size()))
                        .toList());
    }

    WeekView now(Person reader) {
        return week(reader, clock.today().with(previousOrSame(MONDAY)));
    }

    WeekView week(Person reader, LocalDate monday) {
        reader.requireStudent();
        var week = years.yearOf(clock.today()).weekOf(monday).orElseThrow(() -> Refusal.notFound("week"));
        var made = made(reader)
                .sorted(Comparator.comparing(one -> one.entry().madeAt()))
                .toList();
        return new WeekView(
                week.monday(),
                number(week.number()),
                week.breakName(),
                days(week, made),
                intentions(reader, week.monday()),
                tasks(reader, week.monday()),
                next(reader),
                unfiled(made));
    }

    private List<DayView> days(CalendarWeek week, List<Made> made) {
        var byDay = byDay(made.stream()
                .filter(one -> one.monday().equals(week.monday()) && one.standsAlone())
                .toList());
        var days = new ArrayList<DayView>();
        for (var day = week.monday(); !day.isAfter(week.sunday()); day = day.plusDays(1)) {
            var onDay = byDay.getOrDefault(day, List.of());
            var isWeekend = day.isAfter(week.monday().plusDays(4));
            if (!isWeekend || !onDay.isEmpty()) {
                days.add(new DayView(day, onDay));
            }
        }
        return days;
    }

    private List<IntentionView> intentions(Person reader, LocalDate monday) {
        return notebooks.of(reader).stream()
                .flatMap(notebook -> reflections.askedIn(notebook, monday).stream()
                        .map(meant -> new IntentionView(notebook.id(), notebook.title(), meant.words())))
                .toList();
    }

    private List<TaskView> tasks(Person reader, LocalDate monday) {
        var all = marks.gathered(reader, Optional.empty(), Gathering.Wish.all(MarkKind.TASK));
        return WeekTasks.of(all, one -> (Mark.Task) one.mark(), monday, clock.today()).stream()
                .map(one -> TaskView.of(one, (Mark.Task) one.mark()))
                .toList();
    }

    private List<CoverNextView> next(Person reader) {
        return notebooks.of(reader).stream()
                .flatMap(notebook -> coverages.of(notebook).next().stream()
                        .limit(NEXT_STEPS_A_NOTEBOOK)
                        .map(step -> new CoverNextView(
                                notebook.id(),
                                notebook.title(),
                                step.topic().id(),
                                step.topic().code(),
                                step.topic().title(),
                                step.reason(),
                                step.weight())))
                .toList();
    }

    /** Work of any week that is notched nowhere, the newest first. */
    private List<UnfiledView> unfiled(List<Made> made) {
        var loose = made.reversed().stream()
                .filter(one -> Suggestions.isUnfiled(one.entry()))
                .toList();
        var beside = suggestions.besideSyllabus(
                loose.stream().map(one -> one.entry().id()).toList());
        return loose.stream()
                .filter(one -> !beside.contains(one.entry().id()))
                .limit(MOST_UNFILED)
                .map(one -> new UnfiledView(
                        one.entry().id(),
                        one.notebook().id(),
                        one.entry().place().pageId(),
                        one.entry().kind(),
                        one.name(),
                        one.day()))
                .toList();
    }

    private Stream<Made> made(Person reader) {
        return notebooks.of(reader).stream().flatMap(notebook -> notebookEntries.in(notebook).stream()
                .map(entry -> new Made(notebook, entry, clock.dayOf(entry.madeAt()))));
    }

    /** What was made on each day, in the order in which it was made. */
    private Map<LocalDate, List<MadeView>> byDay(List<Made> made) {
        var looks = glimpses.of(made.stream().map(Made::entry).toList());
        var pages = made.stream()
                .map(Made::notebook)
                .distinct()
                .flatMap(notebook -> notebooks.pages(notebook).stream())
                .collect(toMap(Page::id, Page::title));
        return IntStream.range(0, made.size())
                .boxed()
                .collect(groupingBy(
                        i -> made.get(i).day(),
                        mapping(
                                i -> new MadeView(
                                        made.get(i).notebook().id(),
                                        pages.getOrDefault(looks.get(i).pageId(), ""),
                                        looks.get(i)),
                                toList())));
    }

    private static Optional<Integer> number(OptionalInt number) {
        return number.isPresent() ? Optional.of(number.getAsInt()) : Optional.empty();
    }
}
