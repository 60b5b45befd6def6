package notchbook.app.plan;

import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;

import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.EditionInfo;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;
import notchbook.core.syllabus.Edition;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.plan.PlanCsv;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When each topic is to be taught: the class's plan, and in a notebook what its student shifted of it. */
@Service
public class Plans {
    private final PlanStore store;
    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final People people;
    private final SchoolYears years;
    private final SchoolClock clock;

    Plans(PlanStore store, Notebooks notebooks, Syllabi syllabi, People people, SchoolYears years, SchoolClock clock) {
        this.store = store;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.people = people;
        this.years = years;
        this.clock = clock;
    }

    /** The teaching weeks of each topic in a notebook: its student's own, else the class's. */
    public Map<UUID, WeekRange> of(Notebook notebook, Edition edition) {
        var plan = new HashMap<>(ofClass(notebook, edition));
        plan.putAll(store.own(notebook.id()));
        return plan;
    }

    /** A class's plan by the topics of an edition that may not be the class's. */
    public Map<UUID, WeekRange> of(UUID classId, Edition edition) {
        var plan = store.ofClass(classId);
        var meanings = syllabi.meanings(plan.keySet(), edition);
        var carried = new HashMap<UUID, WeekRange>();
        plan.forEach(
                (topic, weeks) -> Optional.ofNullable(meanings.get(topic)).ifPresent(here -> carried.put(here, weeks)));
        return carried;
    }

    /** The edition that most of a class works by, of those that its teacher may use. */
    public Optional<EditionInfo> editionOf(Person teacher, UUID classId) {
        var uses = notebooks.ofClass(classId).stream().collect(groupingBy(Notebook::editionId, counting()));
        return syllabi.editions(teacher).stream()
                .filter(edition -> uses.containsKey(edition.id()))
                .max(Comparator.comparing(edition -> uses.get(edition.id())));
    }

    /** Enters a class's plan. */
    @Transactional
    public void enter(UUID classId, Map<UUID, WeekRange> weeks) {
        weeks.forEach((topic, range) -> store.putOfClass(classId, topic, range));
    }

    Map<UUID, WeekRange> ofClass(Notebook notebook, Edition edition) {
        return notebook.classId().map(id -> of(id, edition)).orElse(Map.of());
    }

    Map<UUID, WeekRange> own(Notebook notebook) {
        return store.own(notebook.id());
    }

    @Transactional
    void plan(Person teacher, UUID classId, UUID topic, WeekRange weeks) {
        people.requireTaught(teacher, classId);
        requireTopic(editionOfClass(teacher, classId), topic);
        requireInYear(weeks);
        clearMeaning(teacher, classId, topic);
        store.putOfClass(classId, topic, weeks);
    }

    @Transactional
    void unplan(Person teacher, UUID classId, UUID topic) {
        people.requireTaught(teacher, classId);
        clearMeaning(teacher, classId, topic);
    }

    /** Reads a class's plan from CSV in the place of what was planned; all of it or nothing. */
    @Transactional
    void read(Person teacher, UUID classId, byte[] csv) {
        people.requireTaught(teacher, classId);
        var read = PlanCsv.read(CsvFile.read(csv), editionOfClass(teacher, classId), year().teachingWeekCount());
        if (!read.breaches().isEmpty()) {
            throw Refusal.toMend("file", read.breaches());
        }
        store.deleteOfClass(classId);
        enter(classId, read.plan());
    }

    byte[] write(Person teacher, UUID classId) {
        people.requireTaught(teacher, classId);
        var edition = editionOfClass(teacher, classId);
        return PlanCsv.write(of(classId, edition), edition);
    }

    @Transactional
    void shift(Person reader, UUID notebookId, UUID topic, WeekRange weeks) {
        var notebook = notebooks.require(reader, notebookId);
        requireTopic(syllabi.edition(notebook.editionId(), notebookId), topic);
        requireInYear(weeks);
        store.putOwn(notebookId, topic, weeks);
    }

    @Transactional
    void unshift(Person reader, UUID notebookId, UUID topic) {
        store.deleteOwn(notebooks.require(reader, notebookId).id(), topic);
    }

    Edition editionOfClass(Person teacher, UUID classId) {
        return editionOf(teacher, classId)
                .map(info -> syllabi.edition(info.id()))
                .orElseThrow(
                        () -> Refusal.notNow(
                                "No notebook is kept for this class yet, so it has no syllabus. Plan it when the first one is there."));
    }

    SchoolYear year() {
        return years.yearOf(clock.today());
    }

    /** A plan that was made by another edition may say the same of a topic under its other name. */
    private void clearMeaning(Person teacher, UUID classId, UUID topic) {
        syllabi.meanings(store.ofClass(classId).keySet(), editionOfClass(teacher, classId))
                .forEach((line, here) -> {
                    if (here.equals(topic)) {
                        store.deleteOfClass(classId, line);
                    }
                });
    }

    private static void requireTopic(Edition edition, UUID topic) {
        if (edition.topics().noneMatch(node -> node.id().equals(topic))) {
            throw Refusal.notFound("topic");
        }
    }

    private void requireInYear(WeekRange weeks) {
        if (weeks.last() > year().teachingWeekCount()) {
            throw Refusal.unfit(
                    "The year has the weeks 1 to %d. Choose weeks among them.".formatted(year().teachingWeekCount()));
        }
    }
}
