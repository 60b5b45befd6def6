package notchbook.app.reflection;

import static java.util.Comparator.comparing;
import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.Entry;
import notchbook.app.entry.Glimpses;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebook;
import notchbook.app.paper.Papers;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.reflection.ReflectionController.SheetLine;
import notchbook.app.reflection.SheetView.MeantView;
import notchbook.app.reflection.SheetView.RatedBeforeView;
import notchbook.app.reflection.SheetView.RatingView;
import notchbook.app.reflection.SheetView.ResolveView;
import notchbook.app.reflection.SheetView.SaysView;
import notchbook.core.calendar.CalendarWeek;
import notchbook.core.coverage.PaperMark;
import notchbook.core.coverage.Sureness;
import notchbook.core.reflection.PromptSet;
import notchbook.core.syllabus.SyllabusNode;
import org.springframework.stereotype.Component;

/** Puts together what lies on the desk while the sheet of a week is filled in. */
@Component
class Sheets {
    private static final int SURE = 4;

    /** More tell nothing at a glance. */
    private static final int EARLIER = 3;

    private final Reflections reflections;
    private final Papers papers;
    private final PromptSets prompts;
    private final Fillings fillings;
    private final SheetPages homes;
    private final NotebookEntries entries;
    private final Glimpses glimpses;
    private final People people;
    private final SchoolYears years;
    private final SchoolClock clock;

    Sheets(
            Reflections reflections,
            Papers papers,
            PromptSets prompts,
            Fillings fillings,
            SheetPages homes,
            NotebookEntries entries,
            Glimpses glimpses,
            People people,
            SchoolYears years,
            SchoolClock clock) {
        this.reflections = reflections;
        this.papers = papers;
        this.prompts = prompts;
        this.fillings = fillings;
        this.homes = homes;
        this.entries = entries;
        this.glimpses = glimpses;
        this.people = people;
        this.years = years;
        this.clock = clock;
    }

    /** Every teaching week that has begun, the latest first. */
    List<SheetLine> lines(Notebook notebook) {
        var byMonday = reflections.of(notebook).stream().collect(toMap(Reflection::monday, identity()));
        var measure = fillings.over(byMonday.values());
        return years.yearOf(clock.today()).teachingWeeksBegunBy(clock.today()).stream()
                .map(week -> line(
                        week,
                        Optional.ofNullable(byMonday.get(week.monday()))
                                .orElseGet(() -> reflections.sheet(notebook, week.monday())),
                        measure))
                .toList();
    }

    private static SheetLine line(CalendarWeek week, Reflection sheet, Fillings.Measure measure) {
        return new SheetLine(
                week.number().orElseThrow(),
                week.monday(),
                sheet.isWritten(),
                sheet.words(),
                measure.met(sheet),
                sheet.prompts().size(),
                sheet.pieces().size(),
                sheet.letGo());
    }

    SheetView of(Notebook notebook, CalendarWeek week) {
        var sheet = reflections.sheet(notebook, week.monday());
        var made = reflections.madeIn(notebook, week);
        var desk = new Desk(reflections.of(notebook), papers.marks(notebook.id()), sheet);
        var set = prompts.inForce(notebook, week.monday());
        return new SheetView(
                week.number().orElseThrow(),
                week.monday(),
                sheet.version(),
                set.map(PromptSet::name).filter(name -> set.get().prompts().equals(sheet.prompts())),
                readers(notebook, week.monday()),
                sheet.prompts(),
                sheet.answers(),
                sheet.letGo(),
                glimpses.of(made),
                glimpses.of(drawn(notebook, sheet, made)),
                homes.of(notebook),
                reflections.topicsOf(notebook, week, made).stream()
                        .map(topic -> rating(topic, desk))
                        .toList(),
                reflections
                        .askedIn(notebook, week.monday())
                        .map(asked -> new MeantView(years.teachingWeekOf(asked.monday()), asked.words())),
                ResolveView.of(sheet.resolve()));
    }

    private List<String> readers(Notebook notebook, LocalDate monday) {
        return notebook.classId()
                .filter(classId -> prompts.isRead(classId, monday))
                .map(classId -> people.teachersOf(classId).stream()
                        .map(Person::fullName)
                        .toList())
                .orElse(List.of());
    }

    /** What stands with the answers and was not made in the week, or was made for them. */
    private List<Entry> drawn(Notebook notebook, Reflection sheet, List<Entry> made) {
        return entries.among(List.of(notebook.id()), sheet.shown()).stream()
                .filter(entry -> !made.contains(entry))
                .toList();
    }

    /** All sheets of the notebook, the marks of its papers in order of days, and the sheet that is filled in. */
    private record Desk(List<Reflection> all, List<PaperMark> marks, Reflection sheet) {}

    private RatingView rating(SyllabusNode topic, Desk desk) {
        var paper = desk.marks().stream()
                .filter(mark -> mark.topic().equals(topic.id()))
                .reduce((earlier, later) -> later)
                .map(PaperMark::share);
        return new RatingView(
                topic.id(),
                topic.code(),
                topic.title(),
                Optional.ofNullable(desk.sheet().ratings().get(topic.id())),
                before(topic.id(), desk),
                paper,
                paper.map(Sheets::says).orElse(List.of()));
    }

    private List<RatedBeforeView> before(UUID topic, Desk desk) {
        var earlier = desk.all().stream()
                .filter(one -> one.monday().isBefore(desk.sheet().monday()))
                .filter(one -> one.ratings().containsKey(topic))
                .sorted(comparing(Reflection::monday))
                .flatMap(one -> years.teachingWeekOf(one.monday()).stream()
                        .map(week -> new RatedBeforeView(week, one.ratings().get(topic))))
                .toList();
        return earlier.subList(Math.max(0, earlier.size() - EARLIER), earlier.size());
    }

    private static List<SaysView> says(double paper) {
        return IntStream.rangeClosed(1, SURE)
                .boxed()
                .flatMap(rating -> Sureness.of(rating, paper).map(says -> new SaysView(rating, says)).stream())
                .toList();
    }
}
