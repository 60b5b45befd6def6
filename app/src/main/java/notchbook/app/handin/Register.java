package notchbook.app.handin;

import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.handin.HandInViews.OverviewCell;
import notchbook.app.handin.HandInViews.OverviewLine;
import notchbook.app.handin.HandInViews.OverviewView;
import notchbook.app.handin.HandInViews.RegisterLine;
import notchbook.app.handin.HandInViews.RegisterView;
import notchbook.app.handin.HandInViews.SetWorkLine;
import notchbook.app.handin.HandInViews.VersionView;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.SchoolClock;
import notchbook.app.setwork.SetWork;
import notchbook.app.setwork.SetWorkMapper;
import notchbook.app.setwork.SetWorks;
import notchbook.core.handin.Progress;
import notchbook.core.handin.Versions;
import notchbook.core.setwork.Criteria;
import notchbook.formats.csv.CsvWriter;
import org.springframework.stereotype.Component;

/** Who has handed in and who has not, and how it went. */
@Component
class Register {
    private final HandInStore store;
    private final SetWorks setWorks;
    private final LevelStore levels;
    private final HandInMapper mapper;
    private final SetWorkMapper asked;
    private final People people;
    private final SchoolClock clock;

    Register(
            HandInStore store,
            SetWorks setWorks,
            LevelStore levels,
            HandInMapper mapper,
            SetWorkMapper asked,
            People people,
            SchoolClock clock) {
        this.store = store;
        this.setWorks = setWorks;
        this.levels = levels;
        this.mapper = mapper;
        this.asked = asked;
        this.people = people;
        this.clock = clock;
    }

    /** The set work of the reader's classes, the latest due first. */
    List<SetWorkLine> lines(Person reader) {
        return setWorks.visibleTo(reader).stream()
                .map(work -> line(reader, work))
                .toList();
    }

    private SetWorkLine line(Person reader, SetWork work) {
        var all = store.of(List.of(work.id())).stream().filter(HandIn::counts).toList();
        var students = setWorks.askedOf(work);
        var in = students.stream()
                .filter(student -> all.stream().anyMatch(handIn -> handIn.isBy(student.id())))
                .count();
        var waiting =
                all.stream().filter(handIn -> !handIn.state().isReturned()).count();
        return new SetWorkLine(asked.view(reader, work), students.size(), (int) in, (int) waiting);
    }

    /** A line for each student of whom it is asked, or who sent something for it all the same. */
    RegisterView of(Person reader, SetWork work) {
        var all = store.of(List.of(work.id()));
        var views = viewsOf(all);
        var chosen = levels.of(views.keySet());
        var begun = setWorks.begun(work);
        return new RegisterView(
                mapper.view(reader, new Addressed(work.classId(), Optional.of(work.id()))),
                inRegister(work, all)
                        .map(student -> {
                            var theirs = all.stream()
                                    .filter(one -> one.isBy(student.id()))
                                    .toList();
                            return line(
                                    student, theirs, views, chosen, Optional.of(work), begun.contains(student.id()));
                        })
                        .toList());
    }

    private Stream<Person> inRegister(SetWork work, List<HandIn> all) {
        var asked = setWorks.askedOf(work);
        return people.studentsOf(work.classId()).stream()
                .filter(student ->
                        asked.contains(student) || all.stream().anyMatch(handIn -> handIn.isBy(student.id())));
    }

    /** A line for each piece that was sent to a class's teachers unasked. */
    RegisterView unasked(Person reader, UUID classId) {
        people.requireTaught(reader, classId);
        var all = store.unasked(classId);
        var views = viewsOf(all);
        var names = people.studentsOf(classId).stream().collect(toMap(Person::id, student -> student));
        return new RegisterView(
                mapper.view(reader, new Addressed(classId, Optional.empty())),
                all.stream()
                        .map(HandIn::workId)
                        .distinct()
                        .map(work -> all.stream()
                                .filter(one -> one.workId().equals(work))
                                .toList())
                        .flatMap(theirs ->
                                Optional.ofNullable(names.get(theirs.getFirst().studentId()))
                                        .map(student -> line(student, theirs, views, Map.of(), Optional.empty(), true))
                                        .stream())
                        .toList());
    }

    private Map<UUID, VersionView> viewsOf(List<HandIn> all) {
        return mapper.views(all).stream().collect(toMap(VersionView::id, view -> view));
    }

    /** {@code theirs} are a student's versions, the latest first. */
    private RegisterLine line(
            Person student,
            List<HandIn> theirs,
            Map<UUID, VersionView> views,
            Map<UUID, Map<Integer, Integer>> chosen,
            Optional<SetWork> work,
            boolean isBegun) {
        var versions = versions(theirs);
        var latest = versions.latest();
        var criteria = work.map(SetWork::criteria).orElse(Criteria.NONE);
        return new RegisterLine(
                student.id(),
                student.fullName(),
                theirs.stream().findFirst().map(HandIn::title).orElse(""),
                latest.map(one -> views.get(one.id())),
                versions.draft().map(one -> views.get(one.id())),
                work.filter(one -> versions.isLate(one.due().of(student.id()))).isPresent(),
                versions.isChanged(),
                Progress.of(isBegun, latest.map(HandIn::state)),
                criteria.figures(latest.map(one -> chosen.getOrDefault(one.id(), Map.of()))
                        .orElse(Map.of())));
    }

    private Versions<HandIn> versions(List<HandIn> handIns) {
        return new Versions<>(handIns.stream()
                .map(one -> new Versions.Sent<>(one, one.purpose(), one.state(), clock.localTime(one.sealedAt())))
                .toList());
    }

    /** Every student of the reader's classes against all set work of those, from one look at the hand-ins. */
    OverviewView overview(Person reader) {
        var works = setWorks.visibleTo(reader);
        var byStudentAndWork = new HashMap<UUID, Map<UUID, List<HandIn>>>();
        for (var handIn : store.of(works.stream().map(SetWork::id).toList())) {
            if (handIn.counts()) {
                Stream.concat(Stream.of(handIn.studentId()), handIn.with().stream())
                        .forEach(student -> byStudentAndWork
                                .computeIfAbsent(student, key -> new HashMap<>())
                                .computeIfAbsent(handIn.to().setWorkId().orElseThrow(), key -> new ArrayList<>())
                                .add(handIn));
            }
        }
        var names = people.classesOf(reader).stream().collect(toMap(SchoolClass::id, SchoolClass::name));
        var askedOf = works.stream()
                .filter(work -> !work.askedOf().isAll())
                .collect(toMap(
                        SetWork::id,
                        work -> setWorks.askedOf(work).stream().map(Person::id).collect(toSet())));
        return new OverviewView(
                works.stream()
                        .map(work -> asked.view(reader, work, names.getOrDefault(work.classId(), "")))
                        .toList(),
                names.keySet().stream()
                        .flatMap(classId -> people.studentsOf(classId).stream()
                                .map(student -> new OverviewLine(
                                        student.id(),
                                        student.fullName(),
                                        classId,
                                        cells(
                                                student.id(),
                                                works,
                                                byStudentAndWork.getOrDefault(student.id(), Map.of())),
                                        notAsked(askedOf, student.id()))))
                        .toList());
    }

    /** The work of which a student is not asked; {@code askedOf} has whom each is asked of that is not asked of all. */
    private static List<UUID> notAsked(Map<UUID, Set<UUID>> askedOf, UUID student) {
        return askedOf.entrySet().stream()
                .filter(one -> !one.getValue().contains(student))
                .map(Map.Entry::getKey)
                .toList();
    }

    private List<OverviewCell> cells(UUID student, List<SetWork> works, Map<UUID, List<HandIn>> byWork) {
        return works.stream()
                .filter(work -> byWork.containsKey(work.id()))
                .map(work -> {
                    var versions = byWork.get(work.id());
                    var latest = versions.getFirst();
                    return new OverviewCell(
                            work.id(),
                            latest.id(),
                            latest.state(),
                            latest.version(),
                            versions(versions).isLate(work.due().of(student)));
                })
                .toList();
    }

    /** The figures of set work as CSV: a line for each student of the class. */
    byte[] numbers(Person reader, SetWork work) {
        var register = of(reader, work);
        var criteria = work.criteria();
        var chosen = levels.of(register.students().stream()
                .flatMap(line -> line.latest().map(VersionView::id).stream())
                .toList());
        var headings = new ArrayList<>(List.of("student", "version", "state", "handed in", "late", "remarks"));
        criteria.all().forEach(criterion -> headings.add(criterion.name()));
        headings.addAll(List.of("points", "of"));
        return CsvWriter.write(
                headings,
                register.students().stream()
                        .sorted(Comparator.comparing(RegisterLine::name))
                        .map(line -> row(line, criteria, chosen))
                        .toList());
    }

    private List<String> row(RegisterLine line, Criteria criteria, Map<UUID, Map<Integer, Integer>> chosen) {
        var latest = line.latest();
        var levelsHere = latest.map(version -> chosen.getOrDefault(version.id(), Map.of()))
                .orElse(Map.of());
        var row = new ArrayList<>(List.of(
                line.name(),
                latest.map(version -> String.valueOf(version.version())).orElse(""),
                latest.map(version -> HandInViews.name(version.state()))
                        .orElseGet(() -> HandInViews.name(line.progress())),
                latest.map(version -> clock.dayOf(version.sealedAt()).toString())
                        .orElse(""),
                line.late() ? "late" : "",
                latest.map(version -> String.valueOf(version.remarks())).orElse("")));
        for (var i = 0; i < criteria.all().size(); i++) {
            var level = levelsHere.get(i);
            row.add(
                    level == null || !criteria.hasLevel(i, level)
                            ? ""
                            : String.valueOf(
                                    criteria.all().get(i).levels().get(level).points()));
        }
        var figures = line.figures();
        row.add(figures.chosen() == 0 ? "" : String.valueOf(figures.points()));
        row.add(figures.chosen() == 0 ? "" : String.valueOf(figures.most()));
        return row;
    }
}
