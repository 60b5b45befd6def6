package notchbook.app.handin;

import static java.util.stream.Collectors.toMap;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.handin.HandInViews.VersionView;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.reflection.Fillings;
import notchbook.app.reflection.PromptSets;
import notchbook.app.reflection.Reflection;
import notchbook.app.reflection.Reflections;
import org.springframework.stereotype.Component;

/** Who of a class has written the sheet of a week: figures only, and what was handed in of them. */
@Component
class WeeklyRegister {
    private final HandInStore store;
    private final HandInMapper mapper;
    private final Reflections reflections;
    private final PromptSets prompts;
    private final Fillings fillings;
    private final Notebooks notebooks;
    private final People people;
    private final SchoolYears years;
    private final SchoolClock clock;

    WeeklyRegister(
            HandInStore store,
            HandInMapper mapper,
            Reflections reflections,
            PromptSets prompts,
            Fillings fillings,
            Notebooks notebooks,
            People people,
            SchoolYears years,
            SchoolClock clock) {
        this.store = store;
        this.mapper = mapper;
        this.reflections = reflections;
        this.prompts = prompts;
        this.fillings = fillings;
        this.notebooks = notebooks;
        this.people = people;
        this.years = years;
        this.clock = clock;
    }

    /**
     * How far a student's sheet is: typed words, and how many of its prompts are met. A student without a notebook of the class has no
     * prompts; {@code letGo} only says that the week is let go, as why is the student's own.
     */
    record SheetOfStudent(
            UUID student,
            String name,
            boolean isWritten,
            int words,
            int met,
            int prompts,
            boolean letGo,
            Optional<VersionView> handedIn) {}

    /** The sheets of a class for a week; {@code weeks} are the teaching weeks that have begun, the latest first. */
    record WeeklyRegisterView(
            int week, LocalDate monday, boolean isRead, List<Integer> weeks, List<SheetOfStudent> students) {}

    WeeklyRegisterView of(Person teacher, UUID classId, Optional<Integer> number) {
        people.requireTaught(teacher, classId);
        var begun = years.yearOf(clock.today()).teachingWeeksBegunBy(clock.today()).stream()
                .flatMap(week -> week.number().stream().boxed())
                .toList();
        var week = reflections.requireWeek(
                number.orElseGet(() -> begun.stream().findFirst().orElse(1)));
        return new WeeklyRegisterView(
                week.number().orElseThrow(),
                week.monday(),
                prompts.isRead(classId, week.monday()),
                begun,
                students(classId, week.monday()));
    }

    private List<SheetOfStudent> students(UUID classId, LocalDate monday) {
        var sheets = reflections.ofWeek(monday, notebooks.ofClass(classId));
        var sent = sent(classId, monday);
        var measure = fillings.over(sheets.values());
        return people.studentsOf(classId).stream()
                .map(student -> line(
                        student,
                        Optional.ofNullable(sheets.get(student.id())),
                        Optional.ofNullable(sent.get(student.id())),
                        measure))
                .toList();
    }

    /** The latest version of each student's sheet of a week. */
    private Map<UUID, VersionView> sent(UUID classId, LocalDate monday) {
        var all = store.sheets(classId, monday).stream().filter(HandIn::counts).toList();
        var views = mapper.views(all).stream().collect(toMap(VersionView::id, Function.identity()));
        return all.stream().collect(toMap(HandIn::studentId, one -> views.get(one.id()), (latest, earlier) -> latest));
    }

    private static SheetOfStudent line(
            Person student, Optional<Reflection> sheet, Optional<VersionView> sent, Fillings.Measure measure) {
        return new SheetOfStudent(
                student.id(),
                student.fullName(),
                sheet.filter(Reflection::isWritten).isPresent(),
                sheet.map(Reflection::words).orElse(0),
                sheet.map(measure::met).orElse(0),
                sheet.map(one -> one.prompts().size()).orElse(0),
                sheet.filter(one -> !one.letGo().isEmpty()).isPresent(),
                sent);
    }
}
