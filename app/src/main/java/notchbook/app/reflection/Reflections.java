package notchbook.app.reflection;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.plan.Plans;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.calendar.CalendarWeek;
import notchbook.core.calendar.WeekRange;
import notchbook.core.coverage.Evidence;
import notchbook.core.coverage.Rating;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.Intention;
import notchbook.core.reflection.Resolve;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Weights;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The weekly sheets of a notebook. */
@Service
public class Reflections {
    private static final int LONGEST_REASON = 200;

    /** What is written in a row is one writing; after a rest of this length there is something to go back to. */
    private static final Duration REST = Duration.ofMinutes(2);

    private final ReflectionStore store;
    private final PromptSets prompts;
    private final Notebooks notebooks;
    private final NotebookEntries notebookEntries;
    private final Syllabi syllabi;
    private final Plans plans;
    private final SchoolYears years;
    private final SchoolClock clock;
    private final ApplicationEventPublisher events;

    Reflections(
            ReflectionStore store,
            PromptSets prompts,
            Notebooks notebooks,
            NotebookEntries notebookEntries,
            Syllabi syllabi,
            Plans plans,
            SchoolYears years,
            SchoolClock clock,
            ApplicationEventPublisher events) {
        this.events = events;
        this.store = store;
        this.prompts = prompts;
        this.notebooks = notebooks;
        this.notebookEntries = notebookEntries;
        this.syllabi = syllabi;
        this.plans = plans;
        this.years = years;
        this.clock = clock;
    }

    /**
     * A sheet as its device has it now, with the version that it was made from (0 for a new one) and the questions that it answers;
     * without a resolve that stays.
     */
    public record Change(
            int baseVersion,
            List<String> questions,
            List<Answer> answers,
            Map<UUID, Integer> ratings,
            Optional<Resolve> resolve,
            String letGo) {}

    public List<Reflection> of(Notebook notebook) {
        return store.in(notebook.id());
    }

    /** The sheet of a week; one that was not begun is empty and has the prompts that are in force. */
    Reflection sheet(Notebook notebook, LocalDate monday) {
        return store.find(notebook.id(), monday).orElseGet(() -> unwritten(notebook, monday));
    }

    private Reflection unwritten(Notebook notebook, LocalDate monday) {
        var asked = prompts.prompts(notebook, monday);
        return new Reflection(
                clock.newId(),
                notebook.id(),
                monday,
                asked,
                Answer.noneOf(asked),
                Map.of(),
                Resolve.NONE,
                "",
                0,
                clock.today());
    }

    /** The sheet of a week in each of these notebooks, by the notebook's owner. */
    public Map<UUID, Reflection> ofWeek(LocalDate monday, Collection<Notebook> all) {
        var begun = store.of(monday, all.stream().map(Notebook::id).toList()).stream()
                .collect(Collectors.toMap(Reflection::notebookId, sheet -> sheet));
        return all.stream()
                .collect(Collectors.toMap(
                        Notebook::ownerId,
                        notebook -> Optional.ofNullable(begun.get(notebook.id()))
                                .orElseGet(() -> unwritten(notebook, monday)),
                        (earlier, later) -> earlier));
    }

    /** The intention that the sheet of a week asks about. */
    public Optional<Intention> askedIn(Notebook notebook, LocalDate monday) {
        return Intention.askedIn(
                monday,
                of(notebook).stream()
                        .filter(Reflection::isBegun)
                        .map(Reflection::intention)
                        .toList());
    }

    /** A teaching week of this school year. */
    public CalendarWeek requireWeek(int number) {
        return years.yearOf(clock.today()).teachingWeek(number).orElseThrow(() -> Refusal.notFound("week"));
    }

    /** The entries that were made in a week. */
    List<Entry> madeIn(Notebook notebook, CalendarWeek week) {
        return notebookEntries.in(notebook).stream()
                .filter(entry -> isIn(week, clock.dayOf(entry.madeAt())))
                .sorted(Comparator.comparing(Entry::madeAt))
                .toList();
    }

    /** The topics that a week was about: those that the class plans for it and those that work of the week is notched to. */
    List<SyllabusNode> topicsOf(Notebook notebook, CalendarWeek week, List<Entry> made) {
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var weights = Weights.of(edition, notebook.exam());
        var plan = plans.of(notebook, edition);
        var worked = topicsOf(edition, made);
        return edition.topics()
                .filter(topic -> edition.pointsUnder(topic.id()).anyMatch(point -> weights.isInForce(point.id())))
                .filter(topic -> worked.contains(topic.id()) || isPlanned(plan.get(topic.id()), week))
                .toList();
    }

    /** Keeps a sheet; a change from an older version than the one that is there is refused with what is there. */
    @Transactional
    public Reflection keep(Person reader, UUID notebookId, int weekNumber, Change change) {
        var notebook = notebooks.require(reader, notebookId);
        var week = requireWeek(weekNumber);
        var before = sheet(notebook, week.monday());
        if (!before.questions().equals(change.questions())) {
            throw before.stale("This sheet asks other questions now.");
        }
        var now = changed(before, change);
        check(notebook, now);
        if (before.version() > 0 && before.saysTheSameAs(now)) {
            return before;
        }
        if (before.version() != change.baseVersion()) {
            throw before.stale("This sheet was changed in another place too.");
        }
        if (before.version() == 0) {
            store.insert(now, clock.now());
        } else {
            update(before, now);
        }
        events.publishEvent(new SheetKept(notebook, now, isRead(notebook, now)));
        return now;
    }

    private void update(Reflection before, Reflection now) {
        if (before.isWritten() && store.hasRested(before, clock.now().minus(REST))) {
            store.putBy(before, clock.now());
        }
        store.update(now, clock.now());
    }

    /** What the sheet of a week was before, the latest first. */
    List<EarlierSheet> earlier(Notebook notebook, CalendarWeek week) {
        return store.find(notebook.id(), week.monday())
                .map(sheet -> store.earlier(sheet.id()))
                .orElse(List.of());
    }

    /** A written sheet that its class's rule says is read. */
    public Optional<SheetKept> toRead(UUID id) {
        return store.find(id).filter(Reflection::isWritten).flatMap(sheet -> notebooks
                .find(sheet.notebookId())
                .map(notebook -> new SheetKept(notebook, sheet, isRead(notebook, sheet)))
                .filter(SheetKept::isRead));
    }

    private boolean isRead(Notebook notebook, Reflection sheet) {
        return notebook.classId()
                .filter(classId -> prompts.isRead(classId, sheet.monday()))
                .isPresent();
    }

    private Reflection changed(Reflection before, Change change) {
        return new Reflection(
                before.id(),
                before.notebookId(),
                before.monday(),
                before.prompts(),
                change.answers(),
                change.ratings(),
                change.resolve().orElse(before.resolve()),
                change.letGo().strip(),
                before.version() + 1,
                before.isWritten() ? before.writtenOn() : clock.today());
    }

    /** What written reflections are evidence for: the topics of the work that they look back on. */
    public List<Evidence> evidence(Notebook notebook) {
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var written = of(notebook).stream().filter(Reflection::isWritten).toList();
        var drawn = written.stream().flatMap(sheet -> sheet.pieces().stream()).collect(Collectors.toSet());
        var byId = notebookEntries.among(List.of(notebook.id()), drawn).stream()
                .collect(Collectors.toMap(Entry::id, entry -> entry));
        return written.stream()
                .map(reflection -> new Evidence(
                        reflection.id(),
                        EvidenceKind.REFLECTION,
                        reflection.writtenOn(),
                        topicsOf(
                                edition,
                                reflection.pieces().stream()
                                        .flatMap(choice -> Optional.ofNullable(byId.get(choice)).stream())
                                        .toList())))
                .toList();
    }

    public List<Rating> ratings(Notebook notebook) {
        return of(notebook).stream()
                .flatMap(reflection -> reflection.ratings().entrySet().stream()
                        .map(rating ->
                                new Rating(rating.getKey(), reflection.monday().plusDays(4), rating.getValue())))
                .toList();
    }

    /** What is drawn in is not looked for: it may still be on its way from the device, and is shown only where it is there. */
    private void check(Notebook notebook, Reflection sheet) {
        sheet.check();
        if (sheet.letGo().length() > LONGEST_REASON) {
            throw Refusal.unfit("Say why this week is let go in up to 200 characters.");
        }
        sheet.ratings().forEach((topic, value) -> new Rating(topic, clock.today(), value));
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        if (!sheet.ratings().keySet().stream()
                .allMatch(topic -> edition.find(topic).isPresent())) {
            throw Refusal.notFound("topic");
        }
    }

    private static Set<UUID> topicsOf(Edition edition, List<Entry> entries) {
        return entries.stream()
                .flatMap(entry -> entry.notches().stream())
                .flatMap(node -> edition.topicOf(node).stream())
                .map(SyllabusNode::id)
                .collect(Collectors.toSet());
    }

    private static boolean isPlanned(@Nullable WeekRange plan, CalendarWeek week) {
        return plan != null
                && week.number().isPresent()
                && plan.contains(week.number().getAsInt());
    }

    private static boolean isIn(CalendarWeek week, LocalDate day) {
        return !day.isBefore(week.monday()) && !day.isAfter(week.sunday());
    }
}
