package notchbook.app.reading;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import notchbook.app.mail.Letter;
import notchbook.app.mail.Post;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import org.springframework.stereotype.Component;

/** The mails that bring links to their readers. */
@Component
class ReaderLetters {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    private final Post post;
    private final SchoolClock clock;

    ReaderLetters(Post post, SchoolClock clock) {
        this.post = post;
        this.clock = clock;
    }

    boolean canBeSent() {
        return post.isThere();
    }

    /** Refuses in words where it can't be sent; {@code address} is the whole address of the link. */
    void send(Person owner, ReaderLink link, String address) {
        var word =
                link.terms().hasWord() ? "\nIt asks for a word: %s will tell you.\n".formatted(owner.fullName()) : "";
        post.send(new Letter(
                link.mail(),
                "%s has something for you to read: %s".formatted(owner.fullName(), link.title()),
                """
                Dear %s,

                %s would like you to read “%s”.

                %s
                %s
                The link is for you alone. You need no account, and it opens until %s.
                """.formatted(link.reader(), owner.fullName(), link.title(), address, word, untilWords(link))));
    }

    /** The last day on which a link opens. */
    LocalDate lastDay(ReaderLink link) {
        return clock.dayOf(link.terms().until().minusMillis(1));
    }

    /** The same in words. */
    String untilWords(ReaderLink link) {
        return DAY.format(lastDay(link));
    }
}
