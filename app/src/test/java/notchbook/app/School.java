package notchbook.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.Entries;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryPlace;
import notchbook.app.entry.EntryWidth;
import notchbook.app.media.Incoming;
import notchbook.app.media.Media;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Sections;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.Role;
import notchbook.app.people.SchoolClass;
import notchbook.app.plan.Plans;
import notchbook.app.setwork.SetWork;
import notchbook.app.setwork.SetWorks;
import notchbook.app.syllabus.EditionInfo;
import notchbook.app.syllabus.Syllabi;
import notchbook.app.syllabus.SyllabusFile;
import notchbook.core.calendar.SchoolYear;
import notchbook.core.calendar.WeekRange;
import notchbook.core.setwork.Asked;
import notchbook.core.setwork.AskedOf;
import notchbook.core.setwork.Criteria;
import notchbook.core.setwork.DueDays;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import org.springframework.security.crypto.password.PasswordEncoder;
import tools.jackson.databind.json.JsonMapper;

/**
 * A small school for tests: one class with a teacher and two students, another teacher, and a syllabus whose topic 2.3
 * has the points a and b. Every test makes notebooks of its own.
 */
class School {
    static final String PASSWORD = "echo-echo-7";
    static final String SYLLABUS = """
            code,parent,title,statement,weight,tier,exam years
            2,,Sound,,100,,
            2.3,2,Echoes and sonar,,60,,
            2.3a,2.3,,Echo as reflection,,,
            2.3b,2.3,,Distance from echo time,,,
            2.4,2,Ultrasound,,40,,
            2.4a,2.4,,Above 20 kHz,,,
            """;

    final Person student = person("marlo", Role.STUDENT);
    final Person classmate = person("tamsey", Role.STUDENT);
    final Person teacher = person("tolland", Role.TEACHER);
    final Person otherTeacher = person("farrant", Role.TEACHER);
    final Person keeper = person("harlow", Role.KEEPER);
    final SchoolClass schoolClass = new SchoolClass(UUID.randomUUID(), "10B Physics");
    final EditionInfo edition;

    private final People people;
    private final Notebooks notebooks;
    private final Sections sections;
    private final Pages pages;
    private final Entries entries;
    private final Syllabi syllabi;
    private final SetWorks setWorks;
    private final Media media;
    private final JsonMapper mapper;

    School(
            People people,
            SchoolYears years,
            Syllabi syllabi,
            Plans plans,
            Notebooks notebooks,
            Sections sections,
            Pages pages,
            Entries entries,
            SetWorks setWorks,
            Media media,
            PasswordEncoder passwords,
            JsonMapper mapper) {
        this.people = people;
        this.notebooks = notebooks;
        this.sections = sections;
        this.pages = pages;
        this.entries = entries;
        this.syllabi = syllabi;
        this.setWorks = setWorks;
        this.media = media;
        this.mapper = mapper;
        var hash = passwords.encode(PASSWORD);
        List.of(student, classmate, teacher, otherTeacher, keeper).forEach(person -> people.enter(person, hash));
        people.enter(schoolClass, List.of(student, classmate, teacher));
        people.enter(new SchoolClass(UUID.randomUUID(), "9A Geography"), List.of(otherTeacher));
        years.enter(
                UUID.randomUUID(),
                SchoolYear.of("2026/27", LocalDate.of(2026, 9, 7), LocalDate.of(2027, 7, 2), List.of()));
        edition = syllabi.read(Optional.empty(), "NB-412", "Waves", SyllabusFile.ofTable(SYLLABUS.getBytes()));
        plans.enter(schoolClass.id(), Map.of(node("2.3"), new WeekRange(11, 12)));
    }

    /** A class of its own, with a student who has nothing yet and a teacher who teaches nobody else. */
    record NewClass(Person student, Person teacher, SchoolClass schoolClass) {}

    NewClass newClass() {
        var made = new NewClass(
                person("ines", Role.STUDENT), person("brook", Role.TEACHER), new SchoolClass(UUID.randomUUID(), "10C"));
        List.of(made.student(), made.teacher()).forEach(person -> people.enter(person, ""));
        people.enter(made.schoolClass(), List.of(made.student(), made.teacher()));
        return made;
    }

    /** A page in a section on topic 2.3 of a new notebook. */
    record Desk(Notebook notebook, UUID section, Page page) {}

    Desk desk(Person owner) {
        return desk(owner, schoolClass);
    }

    /** A page in a notebook that is kept for a class. */
    Desk desk(Person owner, SchoolClass forClass) {
        var exam = new ExamChoice(2028, Tier.CORE);
        var notebook = notebooks.make(
                owner,
                new Notebooks.NewNotebook(
                        UUID.randomUUID(),
                        "Physics",
                        Optional.of(edition.id()),
                        exam,
                        Optional.empty(),
                        Optional.of(forClass.id())));
        var section = sections.make(
                        owner, notebook.id(), UUID.randomUUID(), Optional.empty(), "Echoes", Set.of(node("2.3")))
                .id();
        return new Desk(
                notebook, section, pages.make(owner, section, UUID.randomUUID(), "Timing an echo", Optional.empty()));
    }

    /** A typed entry with one paragraph. */
    UUID typed(Person owner, Desk desk, String words, String... codes) {
        var id = UUID.randomUUID();
        entries.keep(
                owner,
                new Entries.Change(
                        id,
                        0,
                        EntryPlace.on(desk.page().id(), EntryWidth.FULL),
                        EntryKind.TYPED,
                        mapper.readTree(doc(words)),
                        Optional.empty(),
                        "",
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        Optional.empty()));
        for (var code : codes) {
            entries.cut(owner, id, node(code));
        }
        return id;
    }

    /** A photo entry; gives the id of its picture. */
    UUID photo(Person owner, Desk desk, EntryWidth width) {
        var mediaId = UUID.randomUUID();
        try {
            var file = Files.write(Files.createTempFile("photo", ".jpg"), Samples.jpeg());
            media.take(owner, Incoming.whole(mediaId, "wall.jpg", file));
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
        entries.keep(
                owner,
                new Entries.Change(
                        UUID.randomUUID(),
                        0,
                        EntryPlace.on(desk.page().id(), width),
                        EntryKind.PHOTO,
                        mapper.createObjectNode(),
                        Optional.of(mediaId),
                        "Wall",
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        Optional.empty()));
        return mediaId;
    }

    /** A file of the owner's that stands on no page. */
    UUID file(Person owner, String name, String content) {
        var id = UUID.randomUUID();
        try {
            media.take(owner, Incoming.whole(id, name, Files.writeString(Files.createTempFile("file", ""), content)));
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
        return id;
    }

    SetWork setWork() {
        return setWork(teacher, schoolClass);
    }

    SetWork setWork(Person setBy, SchoolClass forClass) {
        var work = new SetWork(
                UUID.randomUUID(),
                forClass.id(),
                "Echo practical",
                "Time an echo.",
                node("2.3"),
                DueDays.on(LocalDate.of(2026, 11, 27)),
                setBy.id(),
                AskedOf.ALL,
                Asked.NOTHING,
                Criteria.NONE,
                Instant.parse("2026-11-13T09:00:00Z"),
                false);
        setWorks.set(setBy, work);
        return work;
    }

    /** A person's own edition of one unit and nothing else. */
    UUID ownEdition(Person owner) {
        return syllabi.read(
                        Optional.of(owner),
                        "NB-1",
                        "Own",
                        SyllabusFile.ofTable("code,parent,title\n1,,Sound\n".getBytes()))
                .id();
    }

    UUID node(String code) {
        return syllabi.edition(edition.id())
                .nodes()
                .filter(node -> node.code().equals(code))
                .map(SyllabusNode::id)
                .findFirst()
                .orElseThrow();
    }

    static String doc(String words) {
        return "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\""
                + words + "\"}]}]}";
    }

    static Person person(String name, Role role) {
        return new Person(
                UUID.randomUUID(), name + "-" + UUID.randomUUID().toString().substring(0, 6), "The " + name, role);
    }
}
