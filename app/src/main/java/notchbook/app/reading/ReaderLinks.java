package notchbook.app.reading;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.reading.Consent;
import notchbook.core.reading.LinkRule;
import notchbook.core.reading.Terms;
import notchbook.core.seal.Sha256;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A student's side of links for readers outside: made, sent, looked at, taken back. */
@Service
public class ReaderLinks {
    /** 128 bits and more in letters that an address takes. */
    private static final Pattern SECRET = Pattern.compile("[A-Za-z0-9_-]{22,64}");

    private static final Pattern MAIL = Pattern.compile("[^@\\s<>,;\"]{1,80}@[^@\\s<>,;\"]{1,110}");
    private static final int LONGEST_NAME = 120;
    private static final int SHORTEST_WORD = 4;
    private static final int LONGEST_WORD = 60;
    private static final int MOST_OPEN = 100;

    private final ReaderLinkStore store;
    private final ReadThings things;
    private final LinkRules rules;
    private final ReaderLetters letters;
    private final PasswordEncoder passwords;
    private final SchoolClock clock;

    ReaderLinks(
            ReaderLinkStore store,
            ReadThings things,
            LinkRules rules,
            ReaderLetters letters,
            PasswordEncoder passwords,
            SchoolClock clock) {
        this.store = store;
        this.things = things;
        this.rules = rules;
        this.letters = letters;
        this.passwords = passwords;
        this.clock = clock;
    }

    /** A wish for a link under an id and a secret of its owner's making; it is open through its last day. */
    public record Wish(
            UUID id,
            ReadKind kind,
            UUID of,
            String reader,
            Optional<String> mail,
            LocalDate lastDay,
            Optional<String> word,
            boolean mayAnswer,
            String secret) {}

    List<ReaderLink> of(Person owner) {
        owner.requireStudent();
        return store.of(owner.id());
    }

    /**
     * Makes a link, and sends it where a mail address is given; {@code origin} is the address of this Notchbook. A mail is no part of a
     * transaction, which may be done twice: where it can't be sent, the link is gone again. Where the school wants a teacher's yes, the
     * link opens nothing and is not sent before.
     */
    public ReaderLink make(Person owner, Wish wish, String origin) {
        owner.requireStudent();
        var rule = rules.now();
        if (rule == LinkRule.NONE) {
            throw Refusal.notNow("Your school gives no links to readers outside. Save a copy, and give that to them.");
        }
        if (store.find(wish.id()).isPresent()) {
            return require(owner, wish.id());
        }
        var sheet = things.sheet(owner, wish.kind(), wish.of());
        var link = new ReaderLink(
                wish.id(),
                owner.id(),
                wish.kind(),
                wish.of(),
                sheet.title(),
                named(wish.reader()),
                wish.mail().map(ReaderLinks::address).orElse(""),
                terms(wish, rule.asks()),
                wish.word().map(passwords::encode),
                0,
                Optional.empty(),
                Optional.empty());
        requireFew(owner);
        send(owner, link, wish.secret(), origin + "/reading/" + wish.secret() + "/");
        return link;
    }

    private void send(Person owner, ReaderLink link, String secret, String address) {
        var isSentLater =
                link.terms().consent() == Consent.WAITING && !link.mail().isEmpty();
        store.insert(link, digest(secret), Optional.of(address).filter(any -> isSentLater));
        if (link.mail().isEmpty() || isSentLater) {
            return;
        }
        try {
            letters.send(owner, link, address);
        } catch (Refusal unsent) {
            store.delete(link.id());
            throw unsent;
        }
    }

    private void requireFew(Person owner) {
        var open = store.of(owner.id()).stream()
                .filter(link -> link.terms().isOpen(clock.now()))
                .count();
        if (open >= MOST_OPEN) {
            throw Refusal.notNow("A hundred links of yours are open. Take some of them back first.");
        }
    }

    private static String named(String reader) {
        var name = reader.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw Refusal.unfit("Say who the link is for, in up to 120 letters.");
        }
        return name;
    }

    private static String address(String mail) {
        if (!MAIL.matcher(mail.strip()).matches()) {
            throw Refusal.unfit("“%s” is no mail address. Look at it once more.".formatted(mail));
        }
        return mail.strip();
    }

    private Terms terms(Wish wish, Consent consent) {
        if (!SECRET.matcher(wish.secret()).matches()) {
            throw Refusal.unfit("This link could not be made. Load the page again and try once more.");
        }
        if (wish.word()
                .filter(word -> word.length() < SHORTEST_WORD || word.length() > LONGEST_WORD)
                .isPresent()) {
            throw Refusal.unfit("A word has 4 to 60 letters.");
        }
        try {
            return new Terms(
                    clock.now(),
                    clock.at(wish.lastDay().plusDays(1).atStartOfDay()),
                    wish.word().isPresent(),
                    wish.mayAnswer(),
                    Optional.empty(),
                    consent);
        } catch (IllegalArgumentException tooLong) {
            throw Refusal.unfit(tooLong.getMessage());
        }
    }

    /** Takes a link back: from now on it opens nothing. */
    @Transactional
    public void takeBack(Person owner, UUID id) {
        require(owner, id);
        store.takeBack(id, clock.now());
    }

    private ReaderLink require(Person owner, UUID id) {
        return store.find(id)
                .filter(link -> link.ownerId().equals(owner.id()))
                .orElseThrow(() -> Refusal.notFound("link"));
    }

    static String digest(String secret) {
        return Sha256.hex(secret);
    }
}
