package notchbook.demo;

import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.book.BookPatterns;
import notchbook.app.book.Books;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.growth.ThenAndNows;
import notchbook.core.book.BookPage;
import notchbook.core.book.BookPart;
import notchbook.core.book.BookPart.Kind;
import notchbook.core.book.BookPattern;
import notchbook.core.book.BookPiece;
import notchbook.core.text.WordRange;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;

/** Looks back on Marlo's year: pairs of then and now, and a book that is half made. */
@Component
class YearMaker {
    private final NotebookEntries notebookEntries;
    private final ThenAndNows pairs;
    private final Books books;
    private final BookPatterns patterns;
    private final NotebookMaker maker;
    private final DemoClock clock;

    YearMaker(
            NotebookEntries notebookEntries,
            ThenAndNows pairs,
            Books books,
            BookPatterns patterns,
            NotebookMaker maker,
            DemoClock clock) {
        this.notebookEntries = notebookEntries;
        this.pairs = pairs;
        this.books = books;
        this.patterns = patterns;
        this.maker = maker;
        this.clock = clock;
    }

    void make(Map<String, Book> notebooks, DemoCalendar calendar) {
        Outline.text("pairs.txt").lines().forEach(line -> pair(line, notebooks, calendar));
        book(notebooks, calendar);
    }

    /** What else a book can begin with: for a class, and for those who leave the school. */
    void patterns(Cast cast) {
        patterns.keepOfClass(
                cast.tolland,
                cast.physics.id(),
                new BookPattern(
                        UUID.randomUUID(),
                        "Practicals of the year",
                        "whoever teaches you physics next year",
                        List.of(
                                part(
                                        Kind.SUBJECT,
                                        "My best practicals",
                                        "Which three would you do again, and how?",
                                        30,
                                        90),
                                part(Kind.FIGURES, "What it added up to", "", 0, 0),
                                part(
                                        Kind.WORDS,
                                        "Dear next teacher",
                                        "What are you good at in a practical, and where do you want help?",
                                        80,
                                        200))));
        patterns.keepOfSchool(
                cast.harlow,
                new BookPattern(
                        UUID.randomUUID(),
                        "Leaving school",
                        "your family, and whoever reads your first application",
                        List.of(
                                part(Kind.SUBJECT, "What I can show", "Which work would you put on a table?", 20, 80),
                                part(Kind.WORDS, "Outside lessons", "What did you do because you wanted to?", 40, 200),
                                part(Kind.WORDS, "What comes next", "Where do you go, and why there?", 60, 200),
                                part(Kind.WORDS, "Thank you", "Whom do you thank, and for what?", 20, 150))));
    }

    private static BookPart part(Kind kind, String heading, String question, int least, int most) {
        return new BookPart(kind, heading, question, new WordRange(least, most));
    }

    /** A line {@code notebook week | name of the earlier piece | of the later | words}. */
    private void pair(String line, Map<String, Book> notebooks, DemoCalendar calendar) {
        var parts = parts(line);
        var head = parts.getFirst().split(" ");
        var book = notebooks.get(head[0]);
        clock.holdAt(maker.pastOrToday(calendar.day(Integer.parseInt(head[1]), 5)), LocalTime.of(11, 0));
        pairs.keep(
                book.owner(),
                new ThenAndNows.Change(
                        UUID.randomUUID(),
                        piece(List.of(book), parts.get(1)).id(),
                        piece(List.of(book), parts.get(2)).id(),
                        0,
                        parts.get(3)));
    }

    /** Pages by their headings: of words, or a line {@code name of a piece | what it shows | why} for each piece. */
    private void book(Map<String, Book> notebooks, DemoCalendar calendar) {
        var marlo = notebooks.get("physics").owner();
        var id = UUID.randomUUID();
        clock.holdAt(maker.pastOrToday(calendar.day(12, 5)), LocalTime.of(11, 30));
        books.keep(
                marlo,
                id,
                new Books.Naming("My year", "Ms Tolland, my parents, and me in five years", BookPattern.YEAR.id()));
        var pages = books.pages(marlo, id);
        for (var text : Outline.text("book.txt").split("(?m)^# ")) {
            var lines = text.strip().lines().toList();
            pages.stream()
                    .filter(page -> page.part().heading().equals(lines.isEmpty() ? "" : lines.getFirst()))
                    .forEach(page -> books.keep(
                            marlo,
                            id,
                            new Books.Change(
                                    1,
                                    written(page, lines.subList(1, lines.size()), List.copyOf(notebooks.values())))));
        }
    }

    private BookPage written(BookPage page, List<String> lines, List<Book> notebooks) {
        var pieces = new ArrayList<BookPiece>();
        lines.stream()
                .filter(line -> line.contains("|"))
                .map(YearMaker::parts)
                .forEach(parts -> pieces.add(new BookPiece(
                        piece(notebooks, parts.get(0)).id(), Optional.empty(), parts.get(1), parts.get(2))));
        return new BookPage(
                page.id(),
                page.notebook(),
                page.part(),
                false,
                pieces.isEmpty() ? String.join("\n", lines) : "",
                pieces);
    }

    private Entry piece(List<Book> notebooks, String name) {
        return notebooks.stream()
                .flatMap(book -> notebookEntries.in(book.notebook()).stream())
                .filter(entry -> entry.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("There is no piece called " + name));
    }

    private static List<String> parts(String line) {
        return Arrays.stream(line.split("\\|", -1)).map(String::strip).toList();
    }
}
