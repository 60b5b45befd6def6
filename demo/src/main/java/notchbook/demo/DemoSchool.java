package notchbook.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.coverage.ToCovers;
import notchbook.app.notebook.CoverColour;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Sections;
import notchbook.app.paper.Papers;
import notchbook.app.pattern.OwnPatterns;
import notchbook.app.people.People;
import notchbook.app.people.SchoolClass;
import notchbook.app.plan.Plans;
import notchbook.app.syllabus.EditionInfo;
import notchbook.app.syllabus.Syllabi;
import notchbook.app.syllabus.SyllabusFile;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Zone;
import notchbook.core.notebook.Zone.Role;
import notchbook.core.paper.PaperDone;
import notchbook.core.paper.PaperName;
import notchbook.core.paper.PaperRun;
import notchbook.core.paper.PastPaper;
import notchbook.core.paper.QuestionMark;
import notchbook.core.syllabus.ExamYears;
import notchbook.demo.NotebookMaker.Book;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Fills an empty school with twelve weeks of people's work, laid around today. A school that has people is left alone. */
@Component
class DemoSchool implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoSchool.class);

    private final Cast cast;
    private final People people;
    private final SchoolYears years;
    private final Syllabi syllabi;
    private final NotebookMaker maker;
    private final HandInRounds handIns;
    private final ReflectionMaker reflections;
    private final LookBackMaker lookBacks;
    private final YearMaker year;
    private final CollectionMaker collections;
    private final ClassMaker classes;
    private final NoticeboardMaker noticeboard;
    private final LinkMaker links;
    private final ScanMaker scans;
    private final Papers papers;
    private final Plans plans;
    private final Notebooks notebooks;
    private final Sections sections;
    private final OwnPatterns patterns;
    private final ToCovers toCovers;
    private final Pages pages;
    private final PasswordEncoder passwords;
    private final DemoClock clock;

    DemoSchool(
            Cast cast,
            People people,
            SchoolYears years,
            Syllabi syllabi,
            NotebookMaker maker,
            HandInRounds handIns,
            ReflectionMaker reflections,
            LookBackMaker lookBacks,
            YearMaker year,
            CollectionMaker collections,
            ClassMaker classes,
            NoticeboardMaker noticeboard,
            LinkMaker links,
            ScanMaker scans,
            Papers papers,
            Plans plans,
            Notebooks notebooks,
            Sections sections,
            OwnPatterns patterns,
            ToCovers toCovers,
            Pages pages,
            PasswordEncoder passwords,
            DemoClock clock) {
        this.notebooks = notebooks;
        this.sections = sections;
        this.patterns = patterns;
        this.toCovers = toCovers;
        this.cast = cast;
        this.people = people;
        this.years = years;
        this.syllabi = syllabi;
        this.maker = maker;
        this.handIns = handIns;
        this.reflections = reflections;
        this.lookBacks = lookBacks;
        this.year = year;
        this.collections = collections;
        this.classes = classes;
        this.noticeboard = noticeboard;
        this.links = links;
        this.scans = scans;
        this.papers = papers;
        this.plans = plans;
        this.pages = pages;
        this.passwords = passwords;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (people.isEmpty()) {
            try {
                fill();
            } finally {
                clock.release();
            }
        }
        LOG.info("The demo school is ready.");
    }

    private void fill() {
        var calendar = DemoCalendar.around(LocalDate.now(clock));
        LOG.info("Demo school 1 of 5: people, year and syllabi");
        var hash = passwords.encode(Cast.PASSWORD);
        cast.everyone().forEach(person -> people.enter(person, hash));
        enterClasses();
        years.enter(UUID.randomUUID(), calendar.year());
        syllabus("NB-412", "Waves and matter, exams to 2027", "physics-2027");
        var physics = syllabus("NB-412", "Waves and matter, exams from 2028", "physics-2028");
        var geography = syllabus("NB-230", "Rivers, coasts and weather", "geography-2028");
        var music = syllabus("NB-518", "Listening, playing, making", "music-2028");
        var exam = calendar.year().lastDay().minusWeeks(5);
        clock.holdAt(calendar.day(1, 0), LocalTime.of(8, 0));
        var physicsBook = maker.begin(cast.marlo, cast.physics, physics, "Physics: waves", exam);
        clock.holdAt(calendar.day(1, 0), LocalTime.of(8, 10));
        var geographyBook =
                maker.begin(cast.marlo, cast.geography, geography, "Geography: coasts and rivers", exam.plusDays(3));
        clock.holdAt(calendar.day(1, 0), LocalTime.of(8, 20));
        var musicBook = maker.begin(cast.marlo, cast.music, music, "Music", exam.plusDays(8));
        var books = Map.of("physics", physicsBook, "geography", geographyBook, "music", musicBook);
        plan(cast.physics, "physics", books);
        plan(cast.geography, "geography", books);
        plan(cast.music, "music", books);

        LOG.info("Demo school 2 of 5: Marlo's three notebooks (drawing, painting and recording take half a minute)");
        write(books, calendar, page -> page.week() < DemoCalendar.THIS_WEEK);
        enterPapers(books.get("physics"), calendar);
        touchUp(books);
        throwAway(books.get("physics"), calendar);

        LOG.info("Demo school 3 of 5: twelve classmates");
        var classBooks = classmates(physics, calendar, exam);

        LOG.info("Demo school 4 of 5: hand-ins in every state");
        handIns.make(books, classBooks, calendar);
        write(books, calendar, page -> page.week() == DemoCalendar.THIS_WEEK);

        LOG.info("Demo school 5 of 5: reflections, collections and links for readers");
        reflections.fill(named(books, classBooks), calendar);
        lookBacks.make(books, calendar);
        year.make(books, calendar);
        year.patterns(cast);
        reflections.ask(cast.tolland, cast.physics, cast.marlo, calendar);
        handIns.sendUnasked(books.get("physics"), classBooks, calendar);
        collections.make(books.get("geography"), books.get("physics"));
        classes.make(calendar);
        noticeboard.make(books.get("physics"), classBooks, calendar);
        beginScan(books.get("physics"), calendar);
        links.make(books.get("physics"), books.get("geography"));
    }

    /** Marlo's books by their names, and those of classmates as {@code class1}, {@code class2} and so on. */
    private static Map<String, Book> named(Map<String, Book> books, List<Book> classBooks) {
        var named = new HashMap<>(books);
        for (var i = 0; i < classBooks.size(); i++) {
            named.put("class" + (i + 1), classBooks.get(i));
        }
        return named;
    }

    /** A page of this week that is being made of photos of paper. */
    private void beginScan(Book book, DemoCalendar calendar) {
        var day = maker.pastOrToday(calendar.day(DemoCalendar.THIS_WEEK, 1));
        clock.holdAt(day, LocalTime.of(16, 30));
        var page = pages.make(
                book.owner(), book.sections().get("1.2"), UUID.randomUUID(), "Ripple tank notes", Optional.of(day));
        scans.leaveBench(book.owner(), page.id(), page.pattern().home().key());
    }

    private void write(Map<String, Book> books, DemoCalendar calendar, Predicate<Outline.Page> which) {
        books.forEach((name, book) -> maker.write(
                book, Outline.read(name + ".txt"), page -> calendar.day(page.week(), page.day()), which, 0));
    }

    /** Covers, ticks of Marlo's own, a section that only a later exam needs, and a pattern for practicals. */
    private void touchUp(Map<String, Book> books) {
        Map.of("geography", CoverColour.MOSS, "music", CoverColour.PLUM).forEach((name, cover) -> {
            var notebook = books.get(name).notebook();
            notebooks.change(cast.marlo, notebook.id(), notebook.title(), Optional.of(cover));
        });
        var physics = books.get("physics");
        for (var code : List.of("2.3a", "2.3b", "2.3d", "2.1a", "2.1b", "2.1c")) {
            toCovers.tick(cast.marlo, physics.notebook().id(), physics.nodes().get(code));
        }
        sections.change(
                cast.marlo,
                physics.sections().get("4.2"),
                "Uses of the spectrum",
                Optional.empty(),
                ExamYears.parse("2029-"));
        patterns.put(
                cast.marlo,
                UUID.randomUUID(),
                new Pattern(
                        "Practical",
                        List.of(
                                zone("aim", Role.BOX, "Aim", "What the practical is to show."),
                                zone("main", Role.MAIN, "Method and results", "What was done, measured and seen."),
                                zone("margin", Role.MARGIN, "Errors", "What could be off, and by how much."),
                                zone("summary", Role.SUMMARY, "Conclusion", "What follows, in two sentences."))));
    }

    private static Zone zone(String key, Role role, String title, String prompt) {
        return new Zone(key, role, title, prompt, Optional.empty(), Set.of());
    }

    /** A page begun twice by mistake, for the bin. */
    private void throwAway(Book book, DemoCalendar calendar) {
        var day = calendar.day(DemoCalendar.THIS_WEEK - 1, 1);
        clock.holdAt(day, LocalTime.of(9, 2));
        var page = pages.make(
                book.owner(),
                book.sections().get("4.1"),
                UUID.randomUUID(),
                "Seven regions, begun twice",
                Optional.of(day));
        pages.delete(book.owner(), page.id());
    }

    private void enterClasses() {
        var physics = new ArrayList<>(cast.students());
        physics.add(cast.tolland);
        people.enter(cast.physics, physics);
        people.enter(
                cast.geography,
                List.of(
                        cast.marlo,
                        cast.classmates.get(0),
                        cast.classmates.get(1),
                        cast.classmates.get(2),
                        cast.farrant));
        people.enter(cast.music, List.of(cast.marlo, cast.classmates.get(3), cast.classmates.get(4), cast.farrant));
    }

    private EditionInfo syllabus(String code, String title, String file) {
        return syllabi.read(
                Optional.empty(),
                code,
                title,
                SyllabusFile.ofTable(Outline.text(file + ".csv").getBytes(StandardCharsets.UTF_8)));
    }

    /** Three years of papers, of which Marlo has done three, two with their questions. */
    private void enterPapers(Book book, DemoCalendar calendar) {
        var exam = book.notebook().exam().year();
        papers.setUp(
                cast.marlo,
                book.notebook().id(),
                new PaperRun(exam - 4, exam - 2, List.of("summer"), List.of("1", "2"), List.of("A", "B")));
        paper(book, exam - 4, "A", calendar.day(6, 4), 14, 20, Map.of("1.1", new int[] {6, 8}, "1.2", new int[] {8, 12
        }));
        paper(
                book,
                exam - 3,
                "A",
                calendar.day(9, 3),
                28,
                38,
                Map.of("1.1", new int[] {7, 8}, "1.2", new int[] {10, 12}, "2.1", new int[] {7, 9}, "3.1", new int[] {
                    4, 9
                }));
        paper(book, exam - 3, "B", calendar.day(11, 3), 8, 13, Map.of("2.2", new int[] {8, 13}));
    }

    private void paper(
            Book book, int year, String variant, LocalDate day, int marks, int outOf, Map<String, int[]> parts) {
        papers.keep(
                cast.marlo,
                book.notebook().id(),
                new PastPaper(
                        papers.idOf(book.notebook().id(), new PaperName(Optional.of(year), "summer", variant, "1")),
                        new PaperName(Optional.of(year), "summer", variant, "1"),
                        Optional.of(new PaperDone(
                                day,
                                OptionalDouble.of(marks),
                                OptionalDouble.of(outOf),
                                Optional.of(2 * outOf + 5),
                                parts.entrySet().stream()
                                        .map(part -> new QuestionMark(
                                                "",
                                                book.nodes().get(part.getKey()),
                                                part.getValue()[0],
                                                part.getValue()[1]))
                                        .toList()))));
    }

    private List<Book> classmates(EditionInfo physics, DemoCalendar calendar, LocalDate exam) {
        var outline = Outline.read("physics.txt");
        var books = new ArrayList<Book>();
        for (var i = 0; i < cast.classmates.size(); i++) {
            var seed = i + 1;
            clock.holdAt(calendar.day(1, 0), LocalTime.of(8, 0));
            var book = maker.begin(cast.classmates.get(i), cast.physics, physics, "Physics", exam);
            maker.write(
                    book,
                    outline,
                    page -> calendar.day(Math.min(page.week(), 10), page.day()),
                    page -> isKept(page, seed),
                    seed);
            books.add(book);
        }
        return books;
    }

    /** Each classmate has the first pages, some of the others, and the echo pages unless they are the last three. */
    private static boolean isKept(Outline.Page page, int seed) {
        return switch (page.topic()) {
            case "1.1" -> page.title().startsWith("What");
            // A clip each would keep a small machine busy for minutes.
            case "1.2" -> isOften(page, seed) && !page.title().startsWith("Ripple tank again");
            case "2.3" -> seed <= 9;
            case "3.1" -> seed % 3 == 0;
            default -> isOften(page, seed);
        };
    }

    private static boolean isOften(Outline.Page page, int seed) {
        return (page.title().length() + 5 * seed) % 4 == 0 && page.week() < DemoCalendar.THIS_WEEK;
    }

    private void plan(SchoolClass schoolClass, String subject, Map<String, Book> books) {
        var nodes = books.get(subject).nodes();
        plans.enter(
                schoolClass.id(),
                ClassPlans.of(subject).entrySet().stream()
                        .collect(Collectors.toMap(topic -> nodes.get(topic.getKey()), Map.Entry::getValue)));
    }
}
