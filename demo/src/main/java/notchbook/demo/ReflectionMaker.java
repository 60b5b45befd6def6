package notchbook.demo;

import static java.util.Comparator.comparing;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.reflection.PromptSets;
import notchbook.app.reflection.Reflections;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.Asks;
import notchbook.core.reflection.Outcome;
import notchbook.core.reflection.Prompt;
import notchbook.core.reflection.PromptSet;
import notchbook.core.reflection.Resolve;
import notchbook.core.text.WordRange;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;

/** Fills weekly sheets in, each on its Friday evening. */
@Component
class ReflectionMaker {
    private static final String LET_GO = "let go:";
    private static final int BECAME = 5;
    private static final int NEXT = 6;

    private final NotebookEntries notebookEntries;
    private final Reflections reflections;
    private final PromptSets promptSets;
    private final NotebookMaker maker;
    private final DemoClock clock;

    ReflectionMaker(
            NotebookEntries notebookEntries,
            Reflections reflections,
            PromptSets promptSets,
            NotebookMaker maker,
            DemoClock clock) {
        this.notebookEntries = notebookEntries;
        this.reflections = reflections;
        this.promptSets = promptSets;
        this.maker = maker;
        this.clock = clock;
    }

    void fill(Map<String, Book> books, DemoCalendar calendar) {
        Outline.text("reflections.txt").lines().forEach(line -> fill(line, books, calendar));
    }

    /** What the sheets of the next week ask: a class's questions, whose sheets are read, and Marlo's own for other notebooks. */
    void ask(Person teacher, SchoolClass schoolClass, Person student, DemoCalendar calendar) {
        var next = calendar.day(DemoCalendar.THIS_WEEK, 0).plusWeeks(1);
        clock.holdAt(maker.pastOrToday(next), LocalTime.of(8, 10));
        promptSets.put(
                teacher,
                schoolClass.id(),
                new PromptSet(
                        UUID.randomUUID(),
                        "Before the mock exam",
                        next,
                        List.of(
                                asking(
                                        Asks.TOPIC,
                                        40,
                                        120,
                                        "Which topic is the weakest now, and what have you done about it?",
                                        "I see it is weak because …",
                                        "This week I tried …"),
                                asking(
                                        Asks.PIECE,
                                        30,
                                        120,
                                        "Which piece of work shows best what you can do?",
                                        "It shows that I can …",
                                        "A month ago I would have …"),
                                asking(
                                        Asks.RATING,
                                        10,
                                        60,
                                        "How ready are you, and what makes you say so?",
                                        "I say so because …")),
                        true));
        promptSets.put(
                student,
                new PromptSet(
                        UUID.randomUUID(),
                        "How I practise",
                        next,
                        List.of(
                                asking(
                                        Asks.NUMBER,
                                        10,
                                        60,
                                        "How many minutes did I practise, and when?",
                                        "Most of it was …"),
                                asking(
                                        Asks.WORDS,
                                        40,
                                        120,
                                        "What can I do now that I could not do a week ago?",
                                        "Last week I still …"),
                                asking(
                                        Asks.PIECE,
                                        20,
                                        80,
                                        "What do I want to hear again at the end of the year?",
                                        "I keep it because …")),
                        false));
    }

    private static Prompt asking(Asks asks, int least, int most, String question, String... openings) {
        return new Prompt(question, new WordRange(least, most), asks, List.of(openings));
    }

    /** A line {@code notebook week | answer | answer | answer | topic=rating … | outcome: about it | intention}; the last two may be left out. A week that is let go
     * is {@code notebook week | let go: why}. */
    private void fill(String line, Map<String, Book> books, DemoCalendar calendar) {
        var parts = line.split("\\|");
        var head = parts[0].strip().split(" ");
        var book = books.get(head[0]);
        var week = Integer.parseInt(head[1]);
        var friday = calendar.day(week, 4);
        clock.holdAt(maker.pastOrToday(friday), LocalTime.of(19, 20));
        if (parts[1].strip().startsWith(LET_GO)) {
            keep(
                    book,
                    week,
                    List.of(Answer.NONE, Answer.NONE, Answer.NONE),
                    Map.of(),
                    Resolve.NONE,
                    parts[1].strip().substring(LET_GO.length()).strip());
            return;
        }
        var made = notebookEntries.in(book.notebook()).stream()
                .filter(entry -> isIn(entry, friday))
                // Pictures and sounds first: a card of text tells less at a glance.
                .sorted(comparing(entry -> entry.kind() == EntryKind.TYPED))
                .map(Entry::id)
                .limit(3)
                .toList();
        var ratings = new HashMap<UUID, Integer>();
        for (var rating : parts[4].strip().split(" ")) {
            ratings.put(book.nodes().get(rating.split("=")[0]), Integer.parseInt(rating.split("=")[1]));
        }
        var middle = Math.min(2, made.size());
        keep(
                book,
                week,
                List.of(
                        new Answer(parts[1].strip(), "", made.subList(0, middle), List.of()),
                        new Answer(parts[2].strip(), "", made.subList(middle, made.size()), List.of()),
                        Answer.of(parts[3].strip())),
                ratings,
                resolve(parts),
                "");
    }

    private void keep(
            Book book, int week, List<Answer> answers, Map<UUID, Integer> ratings, Resolve resolve, String letGo) {
        reflections.keep(
                book.owner(),
                book.notebook().id(),
                week,
                new Reflections.Change(
                        0,
                        Prompt.WEEKLY.stream().map(Prompt::question).toList(),
                        answers,
                        ratings,
                        Optional.of(resolve),
                        letGo));
    }

    private static Resolve resolve(String[] parts) {
        if (parts.length <= NEXT) {
            return Resolve.NONE;
        }
        var became = parts[BECAME].strip();
        var colon = became.indexOf(':');
        return new Resolve(
                became.isEmpty() ? Optional.empty() : Optional.of(Outcome.valueOf(became.substring(0, colon))),
                became.substring(colon + 1).strip(),
                parts[NEXT].strip());
    }

    private boolean isIn(Entry entry, LocalDate friday) {
        var day = entry.madeAt().atZone(clock.getZone()).toLocalDate();
        return !day.isBefore(friday.minusDays(4)) && !day.isAfter(friday.plusDays(2));
    }
}
