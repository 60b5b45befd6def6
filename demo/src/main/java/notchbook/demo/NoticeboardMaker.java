package notchbook.demo;

import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.noticeboard.Comments;
import notchbook.app.noticeboard.Noticeboard;
import notchbook.app.noticeboard.PieceSource;
import notchbook.app.people.Person;
import notchbook.core.noticeboard.Audience;
import notchbook.core.noticeboard.Standing;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;

/** Fills the noticeboard of the physics class: pieces of several weeks in every standing, and what is said about them. */
@Component
class NoticeboardMaker {
    private final Cast cast;
    private final Noticeboard board;
    private final Comments comments;
    private final NotebookEntries entries;
    private final DemoClock clock;

    NoticeboardMaker(Cast cast, Noticeboard board, Comments comments, NotebookEntries entries, DemoClock clock) {
        this.cast = cast;
        this.board = board;
        this.comments = comments;
        this.entries = entries;
        this.clock = clock;
    }

    void make(Book marlo, List<Book> classBooks, DemoCalendar calendar) {
        at(calendar, 3, 14);
        var first =
                let(show(classBooks.get(4), 1, EntryKind.PHOTO, "You can see where the crest was a moment before."));
        var question = say(first, classBooks.get(0), "How long did you leave it open?", Optional.empty());
        say(first, classBooks.get(4), "Half a second. Longer was only a blur.", Optional.of(question));
        at(calendar, 2, 15);
        var drawn = let(show(marlo, 0, EntryKind.INK, "I drew it three times. Here the spacing is right at last."));
        say(drawn, classBooks.get(2), "The arrows help. I would name the wavelength too.", Optional.empty());
        var loud = say(drawn, classBooks.get(7), "Mine is better", Optional.empty());
        comments.hide(cast.tolland, drawn, loud, true);
        at(calendar, 1, 11);
        let(show(classBooks.get(2), 2, EntryKind.TYPED, "How I remember the difference."));
        let(show(marlo, 5, EntryKind.PHOTO, "Count what you see before you read what I wrote."));
        let(show(classBooks.get(6), 3, EntryKind.TYPED, ""));
        move(
                cast.tolland,
                show(classBooks.get(3), 4, EntryKind.TYPED, ""),
                Standing.NOT_YET,
                "Say where the speed is from, then show it again.");
        at(calendar, 0, 9);
        show(classBooks.get(1), 0, EntryKind.PHOTO, "Is this a good picture to learn from?");
        show(classBooks.get(8), 1, EntryKind.TYPED, "What I got wrong first.");
        var back = show(classBooks.get(5), 0, EntryKind.TYPED, "");
        move(classBooks.get(5).owner(), back, Standing.TAKEN_BACK, "");
        shown(marlo, entry(marlo, 6, EntryKind.TYPED), Audience.TEACHER, "Only for you: is this enough?");
    }

    private void at(DemoCalendar calendar, int weeksAgo, int hour) {
        clock.holdAt(calendar.day(DemoCalendar.THIS_WEEK - weeksAgo, 0), LocalTime.of(hour, 20));
    }

    private UUID show(Book book, int nth, EntryKind kind, String words) {
        return shown(book, entry(book, nth, kind), Audience.CLASS, words);
    }

    /** The nth entry of a kind, or the first of any where there are fewer. */
    private Entry entry(Book book, int nth, EntryKind kind) {
        var all = entries.in(book.notebook()).stream()
                .filter(entry -> !entry.isEmpty())
                .toList();
        return all.stream()
                .filter(entry -> entry.kind() == kind)
                .skip(nth)
                .findFirst()
                .orElseGet(all::getFirst);
    }

    private UUID shown(Book book, Entry entry, Audience audience, String words) {
        var id = UUID.randomUUID();
        board.show(
                book.owner(),
                new Noticeboard.Wish(id, cast.physics.id(), new PieceSource.OfEntry(entry.id()), audience, words));
        return id;
    }

    private UUID let(UUID piece) {
        move(cast.tolland, piece, Standing.SHOWN, "");
        return piece;
    }

    private void move(Person by, UUID piece, Standing to, String words) {
        board.move(by, piece, to, words);
    }

    private UUID say(UUID piece, Book by, String words, Optional<UUID> answerTo) {
        var id = UUID.randomUUID();
        comments.say(by.owner(), piece, id, words, Optional.empty(), answerTo);
        return id;
    }
}
