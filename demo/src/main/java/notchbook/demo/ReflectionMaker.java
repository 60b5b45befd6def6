package notchbook.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.reflection.Reflections;
import notchbook.core.reflection.Outcome;
import notchbook.core.reflection.Resolve;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;

/** Fills weekly sheets in, each on its Friday evening. */
@Component
class ReflectionMaker {
    private static final int BECAME = 5;
    private static final int NEXT = 6;

    private final NotebookEntries notebookEntries;
    private final Reflections reflections;
    private final NotebookMaker maker;
    private final DemoClock clock;

    ReflectionMaker(NotebookEntries notebookEntries, Reflections reflections, NotebookMaker maker, DemoClock clock) {
        this.notebookEntries = notebookEntries;
        this.reflections = reflections;
        this.maker = maker;
        this.clock = clock;
    }

    void fill(Map<String, Book> books, DemoCalendar calendar) {
        Outline.text("reflections.txt").lines().forEach(line -> fill(line, books, calendar));
    }

    /** A line {@code notebook week | answer | answer | answer | topic=rating … | outcome: about it | intention}; the last two may be empty. */
    private void fill(String line, Map<String, Book> books, DemoCalendar calendar) {
        var parts = line.split("\\|");
        var head = parts[0].strip().split(" ");
        var book = books.get(head[0]);
        var week = Integer.parseInt(head[1]);
        var friday = calendar.day(week, 4);
        clock.holdAt(maker.pastOrToday(friday), LocalTime.of(19, 20));
        var made = notebookEntries.in(book.notebook()).stream()
                .filter(entry -> isIn(entry, friday))
                .map(Entry::id)
                .limit(2)
                .collect(Collectors.toSet());
        var ratings = new HashMap<UUID, Integer>();
        for (var rating : parts[4].strip().split(" ")) {
            ratings.put(book.nodes().get(rating.split("=")[0]), Integer.parseInt(rating.split("=")[1]));
        }
        reflections.keep(
                book.owner(),
                book.notebook().id(),
                week,
                new Reflections.Change(
                        0,
                        List.of(parts[1].strip(), parts[2].strip(), parts[3].strip()),
                        made,
                        ratings,
                        Optional.of(resolve(parts))));
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
