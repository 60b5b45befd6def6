package notchbook.demo;

import java.time.LocalTime;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.reflection.LookBacks;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.LookedAt;
import notchbook.core.reflection.Prompt;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;

/** Looks back on single pieces of Marlo's work. */
@Component
class LookBackMaker {
    private final NotebookEntries notebookEntries;
    private final LookBacks lookBacks;
    private final NotebookMaker maker;
    private final DemoClock clock;

    LookBackMaker(NotebookEntries notebookEntries, LookBacks lookBacks, NotebookMaker maker, DemoClock clock) {
        this.notebookEntries = notebookEntries;
        this.lookBacks = lookBacks;
        this.maker = maker;
        this.clock = clock;
    }

    void make(Map<String, Book> books, DemoCalendar calendar) {
        Outline.text("look-backs.txt").lines().forEach(line -> make(line, books, calendar));
    }

    /** A line {@code notebook week | name of the piece | answer | answer | answer | answer}. */
    private void make(String line, Map<String, Book> books, DemoCalendar calendar) {
        var parts = Arrays.stream(line.split("\\|")).map(String::strip).toList();
        var head = parts.getFirst().split(" ");
        var book = books.get(head[0]);
        clock.holdAt(maker.pastOrToday(calendar.day(Integer.parseInt(head[1]), 5)), LocalTime.of(10, 30));
        var piece = notebookEntries.in(book.notebook()).stream()
                .filter(entry -> entry.name().equals(parts.get(1)))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("There is no piece called " + parts.get(1)));
        lookBacks.keep(
                book.owner(),
                new LookBacks.Wish(
                        UUID.randomUUID(),
                        book.notebook().id(),
                        new LookedAt.OfEntries(List.of(piece.id())),
                        Optional.empty()),
                new LookBacks.Change(
                        0,
                        Prompt.ON_A_PIECE.stream().map(Prompt::question).toList(),
                        parts.subList(2, parts.size()).stream().map(Answer::of).toList()));
    }
}
