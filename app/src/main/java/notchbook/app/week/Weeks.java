package notchbook.app.week;

import static java.time.DayOfWeek.MONDAY;
import static java.time.temporal.TemporalAdjusters.previousOrSame;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.coverage.Coverages;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.mark.Marks;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.Sound;
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

    /** As much of a text as a small card holds. */
    private static final int FIRST_LETTERS = 140;

    private final Notebooks notebooks;
    private final NotebookEntries notebookEntries;
    private final Coverages coverages;
    private final Marks marks;
    private final Suggestions suggestions;
    private final Reflections reflections;
    private final SchoolYears years;
    private final Media media;
    private final SchoolClock clock;

    Weeks(
            Notebooks notebooks,
            NotebookEntries notebookEntries,
            Coverages coverages,
            Marks marks,
            Suggestions suggestions,
            Reflections reflections,
            SchoolYears years,
            Media media,
            SchoolClock clock) {
        this.media = media;
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
                days(reader, week, made),
                intentions(reader, week.monday()),
                tasks(reader, week.monday()),
                next(reader),
                unfiled(made));
    }

    private List<DayView> days(Person reader, CalendarWeek week, List<Made> made) {
        Map<LocalDate, List<Made>> byDay = made.stream()
                .filter(one -> one.monday().equals(week.monday()) && one.standsAlone())
                .collect(groupingBy(Made::day));
        var looks = looks(reader, byDay.values().stream().flatMap(List::stream).toList());
        var days = new ArrayList<DayView>();
        for (var day = week.monday(); !day.isAfter(week.sunday()); day = day.plusDays(1)) {
            var onDay = byDay.getOrDefault(day, List.of());
            var isWeekend = day.isAfter(week.monday().plusDays(4));
            if (!isWeekend || !onDay.isEmpty()) {
                days.add(new DayView(day, onDay.stream().map(looks::of).toList()));
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

    private Looks looks(Person reader, List<Made> made) {
        var pages = made.stream()
                .map(Made::notebook)
                .distinct()
                .flatMap(notebook -> notebooks.pages(notebook).stream())
                .collect(toMap(Page::id, Page::title));
        var shown =
                made.stream().flatMap(one -> one.entry().shownMedia().stream()).toList();
        return new Looks(pages, media.findAll(shown));
    }

    /** What things that were made are known again by. */
    private record Looks(Map<UUID, String> pages, Map<UUID, MediaItem> media) {
        MadeView of(Made one) {
            var entry = one.entry();
            var sound = entry.mediaId().map(media::get).flatMap(MediaItem::sound);
            return new MadeView(
                    entry.id(),
                    one.notebook().id(),
                    entry.place().pageId(),
                    pages.getOrDefault(entry.place().pageId(), ""),
                    entry.kind(),
                    one.name(),
                    beginning(entry.words()),
                    entry.kind() == EntryKind.PHOTO
                            ? entry.shownMedia().stream().findFirst()
                            : Optional.empty(),
                    sound.map(Sound::peaks).orElse(List.of()),
                    sound.map(Sound::seconds).orElse(0.0));
        }

        private static String beginning(String words) {
            return words.substring(0, Math.min(FIRST_LETTERS, words.length()));
        }
    }

    private static Optional<Integer> number(OptionalInt number) {
        return number.isPresent() ? Optional.of(number.getAsInt()) : Optional.empty();
    }
}
