package notchbook.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.collection.Collections;
import notchbook.app.collection.ItemKind;
import notchbook.app.coverage.Coverages;
import notchbook.app.handin.SetWork;
import notchbook.app.notebook.Entry;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.People;
import notchbook.app.reflection.Reflections;
import notchbook.app.syllabus.EditionInfo;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.calendar.WeekRange;
import notchbook.core.coverage.PaperMark;
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
    private static final int THIS_WEEK = 12;

    private static final Map<String, WeekRange> PHYSICS_PLAN = Map.ofEntries(
            plan("1.1", 1, 1),
            plan("3.1", 2, 3),
            plan("1.2", 3, 4),
            plan("2.1", 4, 5),
            plan("2.2", 5, 6),
            plan("2.3", 7, 8),
            plan("2.4", 10, 11),
            plan("3.2", 12, 13),
            plan("3.3", 14, 14),
            plan("3.4", 15, 16),
            plan("3.5", 17, 17),
            plan("4.1", 18, 19),
            plan("4.2", 20, 21),
            plan("4.3", 22, 22));
    private static final Map<String, WeekRange> GEOGRAPHY_PLAN = Map.ofEntries(
            plan("1.1", 1, 1),
            plan("1.2", 2, 2),
            plan("1.3", 3, 4),
            plan("1.4", 5, 6),
            plan("2.1", 7, 7),
            plan("2.2", 8, 8),
            plan("2.3", 9, 9),
            plan("2.4", 10, 10),
            plan("2.5", 11, 12),
            plan("3.1", 12, 12),
            plan("3.2", 12, 13),
            plan("3.3", 14, 15),
            plan("4.1", 16, 17),
            plan("4.2", 18, 20),
            plan("4.3", 21, 22));
    private static final Map<String, WeekRange> MUSIC_PLAN = Map.ofEntries(
            plan("1.1", 1, 4),
            plan("1.2", 5, 5),
            plan("1.3", 6, 7),
            plan("1.4", 8, 8),
            plan("2.1", 9, 10),
            plan("3.1", 11, 12),
            plan("3.2", 12, 13),
            plan("3.3", 14, 15),
            plan("2.2", 16, 18),
            plan("4.1", 19, 22),
            plan("4.2", 23, 24));

    private final Cast cast = new Cast();
    private final People people;
    private final SchoolYears years;
    private final Syllabi syllabi;
    private final NotebookMaker maker;
    private final HandInMaker handIns;
    private final Notebooks notebooks;
    private final Reflections reflections;
    private final Coverages coverages;
    private final Collections collections;
    private final PasswordEncoder passwords;
    private final DemoClock clock;

    DemoSchool(
            People people,
            SchoolYears years,
            Syllabi syllabi,
            NotebookMaker maker,
            HandInMaker handIns,
            Notebooks notebooks,
            Reflections reflections,
            Coverages coverages,
            Collections collections,
            PasswordEncoder passwords,
            DemoClock clock) {
        this.people = people;
        this.years = years;
        this.syllabi = syllabi;
        this.maker = maker;
        this.handIns = handIns;
        this.notebooks = notebooks;
        this.reflections = reflections;
        this.coverages = coverages;
        this.collections = collections;
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
        years.enter(UUID.randomUUID(), calendar.year(), calendar.breaks());
        syllabus("NB-412", "Waves and matter, exams to 2027", "physics-2027");
        var physics = syllabus("NB-412", "Waves and matter, exams from 2028", "physics-2028");
        var geography = syllabus("NB-230", "Rivers, coasts and weather", "geography-2028");
        var music = syllabus("NB-518", "Listening, playing, making", "music-2028");
        clock.holdAt(calendar.day(1, 0), LocalTime.of(8, 0));
        var exam = calendar.year().lastDay().minusWeeks(5);
        var marloPhysics = maker.begin(cast.marlo, cast.physics, physics, "Physics: waves", exam);
        clock.holdAt(calendar.day(1, 0), LocalTime.of(8, 10));
        var marloGeography =
                maker.begin(cast.marlo, cast.geography, geography, "Geography: coasts and rivers", exam.plusDays(3));
        clock.holdAt(calendar.day(1, 0), LocalTime.of(8, 20));
        var marloMusic = maker.begin(cast.marlo, cast.music, music, "Music", exam.plusDays(8));
        syllabi.plan(cast.physics.id(), byNode(PHYSICS_PLAN, marloPhysics));
        syllabi.plan(cast.geography.id(), byNode(GEOGRAPHY_PLAN, marloGeography));
        syllabi.plan(cast.music.id(), byNode(MUSIC_PLAN, marloMusic));

        LOG.info("Demo school 2 of 5: Marlo's three notebooks (drawing, painting and recording take half a minute)");
        var books = Map.of("physics", marloPhysics, "geography", marloGeography, "music", marloMusic);
        books.forEach((name, book) -> maker.write(
                book,
                Outline.read(name + ".txt"),
                page -> calendar.day(page.week(), page.day()),
                page -> page.week() < THIS_WEEK,
                0));
        enterPapers(marloPhysics, calendar);

        LOG.info("Demo school 3 of 5: twelve classmates");
        var classBooks = classmates(physics, calendar, exam);

        LOG.info("Demo school 4 of 5: hand-ins in every state");
        handIn(books, classBooks, calendar);
        books.forEach((name, book) -> maker.write(
                book,
                Outline.read(name + ".txt"),
                page -> calendar.day(page.week(), page.day()),
                page -> page.week() == THIS_WEEK,
                0));

        LOG.info("Demo school 5 of 5: reflections and collections");
        Outline.text("reflections.txt").lines().forEach(line -> reflect(line, books, calendar));
        collect(marloGeography, marloPhysics);
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
                Optional.empty(), code, title, Outline.text(file + ".csv").getBytes(StandardCharsets.UTF_8));
    }

    private void enterPapers(Book book, DemoCalendar calendar) {
        paper(book, "Practice paper 1", calendar.day(6, 4), Map.of("1.1", new int[] {6, 8}, "1.2", new int[] {8, 12}));
        paper(
                book,
                "Practice paper 2",
                calendar.day(9, 3),
                Map.of("1.1", new int[] {7, 8}, "1.2", new int[] {10, 12}, "2.1", new int[] {7, 9}, "3.1", new int[] {
                    4, 9
                }));
        paper(book, "Practice paper 3", calendar.day(11, 3), Map.of("2.2", new int[] {8, 13}));
    }

    private void paper(Book book, String title, LocalDate day, Map<String, int[]> marks) {
        coverages.enterPaper(
                cast.marlo,
                book.notebook().id(),
                title,
                marks.entrySet().stream()
                        .map(mark -> new PaperMark(
                                book.nodes().get(mark.getKey()), day, mark.getValue()[0], mark.getValue()[1]))
                        .toList());
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
            case "2.3" -> seed <= 9;
            case "3.1" -> seed % 3 == 0;
            default -> (page.title().length() + 5 * seed) % 4 == 0 && page.week() < THIS_WEEK;
        };
    }

    private void handIn(Map<String, Book> books, List<Book> classBooks, DemoCalendar calendar) {
        var physics = books.get("physics");
        var waves = handIns.set(
                cast.tolland,
                cast.physics,
                physics.nodes().get("1.1"),
                "Two kinds of wave",
                "One page that tells transverse from longitudinal, with a drawing.",
                calendar.day(3, 4));
        var echo = handIns.set(
                cast.tolland,
                cast.physics,
                physics.nodes().get("2.3"),
                "Echo practical",
                "Time an echo, say how far the wall is, and what could be wrong with it. Typed, drawn and a photo.",
                calendar.day(THIS_WEEK, 4));
        var mirrors = handIns.set(
                cast.tolland,
                cast.physics,
                physics.nodes().get("3.1"),
                "Ray diagrams",
                "Three rays at a mirror, drawn with a ruler.",
                calendar.day(13, 2));
        sendAll(waves, "1.1", physics, classBooks, calendar);
        var section = physics.sections().get("2.3");
        var first = handIns.seal(cast.marlo, section, echo, calendar.day(11, 0));
        handIns.decide(
                cast.tolland,
                cast.marlo,
                section,
                first,
                calendar.day(11, 1),
                false,
                "Say how many claps you timed.",
                "Show the way back in the drawing too.");
        sendEcho(echo, classBooks, calendar);
        for (var i = 2; i < classBooks.size(); i += 3) {
            handIns.seal(
                    classBooks.get(i).owner(),
                    classBooks.get(i).sections().get("3.1"),
                    mirrors,
                    maker.pastOrToday(calendar.day(THIS_WEEK, 0)));
        }
        var geography = books.get("geography");
        var meander = handIns.set(
                cast.farrant,
                cast.geography,
                geography.nodes().get("1.3"),
                "Meander section",
                "A labelled cross-section.",
                calendar.day(4, 4));
        handIns.set(
                cast.farrant,
                cast.geography,
                geography.nodes().get("2.5"),
                "Coast walk write-up",
                "What each defence costs, and whom.",
                calendar.day(THIS_WEEK, 4));
        var bend = handIns.seal(cast.marlo, geography.sections().get("1.3"), meander, calendar.day(4, 3));
        handIns.decide(
                cast.farrant,
                cast.marlo,
                geography.sections().get("1.3"),
                bend,
                calendar.day(5, 0),
                true,
                "Clear, and the depth is right.");
        var music = books.get("music");
        var motif = handIns.set(
                cast.farrant,
                cast.music,
                music.nodes().get("3.1"),
                "Four-note motif",
                "Write it down, play it, and turn it once.",
                calendar.day(THIS_WEEK, 2));
        handIns.seal(cast.marlo, music.sections().get("3.1"), motif, calendar.day(11, 4));
    }

    private void sendAll(SetWork waves, String topic, Book marlo, List<Book> classBooks, DemoCalendar calendar) {
        var all = new ArrayList<>(List.of(marlo));
        all.addAll(classBooks.subList(0, 10));
        for (var book : all) {
            var section = book.sections().get(topic);
            var version = handIns.seal(book.owner(), section, waves, calendar.day(3, 3));
            handIns.decide(
                    cast.tolland, book.owner(), section, version, calendar.day(4, 0), true, "Good: the arrows say it.");
        }
    }

    private void sendEcho(SetWork echo, List<Book> classBooks, DemoCalendar calendar) {
        var monday = maker.pastOrToday(calendar.day(THIS_WEEK, 0));
        for (var i = 0; i < 9; i++) {
            var book = classBooks.get(i);
            var section = book.sections().get("2.3");
            var version = handIns.seal(book.owner(), section, echo, i < 5 ? calendar.day(11, i) : monday);
            switch (i) {
                case 0, 1 ->
                    handIns.decide(
                            cast.tolland, book.owner(), section, version, monday, true, "Right comparison to make.");
                case 2, 3 ->
                    handIns.decide(
                            cast.tolland,
                            book.owner(),
                            section,
                            version,
                            monday,
                            false,
                            "You say “about”: give the figure.",
                            "Where is the normal?");
                case 4 -> handIns.open(cast.tolland, version, monday);
                default -> {
                    // the others wait to be read
                }
            }
            if (i == 3) {
                handIns.seal(book.owner(), section, echo, monday);
            }
        }
    }

    /** A line {@code notebook week | answer | answer | answer | topic=rating …}. */
    private void reflect(String line, Map<String, Book> books, DemoCalendar calendar) {
        var parts = line.split("\\|");
        var head = parts[0].strip().split(" ");
        var book = books.get(head[0]);
        var week = Integer.parseInt(head[1]);
        clock.holdAt(maker.pastOrToday(calendar.day(week, 4)), LocalTime.of(19, 20));
        var friday = calendar.day(week, 4);
        var made = notebooks.entries(book.notebook()).stream()
                .filter(entry -> isIn(entry, friday))
                .map(Entry::id)
                .limit(2)
                .collect(Collectors.toSet());
        var ratings = new HashMap<UUID, Integer>();
        for (var rating : parts[4].strip().split(" ")) {
            ratings.put(book.nodes().get(rating.split("=")[0]), Integer.parseInt(rating.split("=")[1]));
        }
        reflections.keep(
                cast.marlo,
                book.notebook().id(),
                week,
                new Reflections.Change(
                        0, List.of(parts[1].strip(), parts[2].strip(), parts[3].strip()), made, ratings));
    }

    private boolean isIn(Entry entry, LocalDate friday) {
        var day = entry.madeAt().atZone(clock.getZone()).toLocalDate();
        return !day.isBefore(friday.minusDays(4)) && !day.isAfter(friday.plusDays(2));
    }

    private void collect(Book geography, Book physics) {
        var costs = collection("Sea defences: what each one costs", "For the coast write-up");
        link(costs, "Town report on the sea wall", "https://skerrow.example/wall", "Page 12 has the costs.");
        entries(geography, costs, "Recurved wall, our field trip", "Warden on the groynes");
        note(costs, "Beach nourishment", "840 a metre, lasts 5 years. Has to be done again and again.");
        note(costs, "Dune fences", "95 a metre, lasts 4 years. Merle Dunes has them.");
        file(costs, "Questions for the warden.txt", "1. Who pays?\n2. What happens at Merle Dunes?\n");
        var films = collection("Waves, to look at again", "Before the paper in spring");
        link(films, "Ripple tank in slow motion", "https://films.example/ripple-tank", "From 2:10 on.");
        link(films, "How a strobe makes waves stand", "https://films.example/strobe", "");
        entries(physics, films, "Ripple tank from above, motor on slow", "Counting the flashes");
        var sky = collection("Open: why is the sky blue?", "Only for exams from 2028");
        link(sky, "Scattering, explained with milk", "https://kitchen.example/milk-sky", "Try it at home.");
    }

    private UUID collection(String title, String purpose) {
        var id = UUID.randomUUID();
        collections.keep(cast.marlo, id, title, purpose);
        return id;
    }

    private void link(UUID collection, String title, String url, String note) {
        add(
                collection,
                new Collections.NewItem(
                        UUID.randomUUID(),
                        ItemKind.LINK,
                        title,
                        note,
                        Optional.of(url),
                        Optional.empty(),
                        Optional.empty()));
    }

    private void note(UUID collection, String title, String words) {
        add(
                collection,
                new Collections.NewItem(
                        UUID.randomUUID(),
                        ItemKind.NOTE,
                        title,
                        words,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty()));
    }

    private void file(UUID collection, String name, String content) {
        var media = maker.keep(cast.marlo, name, content.getBytes(StandardCharsets.UTF_8));
        add(
                collection,
                new Collections.NewItem(
                        UUID.randomUUID(),
                        ItemKind.FILE,
                        name,
                        "",
                        Optional.empty(),
                        Optional.of(media),
                        Optional.empty()));
    }

    private void entries(Book book, UUID collection, String... captions) {
        for (var entry : notebooks.entries(book.notebook())) {
            if (List.of(captions).contains(entry.caption())) {
                add(
                        collection,
                        new Collections.NewItem(
                                UUID.randomUUID(),
                                ItemKind.ENTRY,
                                entry.caption(),
                                "",
                                Optional.empty(),
                                Optional.empty(),
                                Optional.of(entry.id())));
            }
        }
    }

    private void add(UUID collection, Collections.NewItem item) {
        collections.add(cast.marlo, collection, item);
    }

    private static Map<UUID, WeekRange> byNode(Map<String, WeekRange> plan, Book book) {
        return plan.entrySet().stream()
                .collect(Collectors.toMap(entry -> book.nodes().get(entry.getKey()), Map.Entry::getValue));
    }

    private static Map.Entry<String, WeekRange> plan(String topic, int first, int last) {
        return Map.entry(topic, new WeekRange(first, last));
    }
}
