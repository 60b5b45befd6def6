package notchbook.app.reading;

import static notchbook.app.reading.ReaderLinks.digest;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import notchbook.app.people.People;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.platform.Secret;
import notchbook.app.reading.ReaderLinkStore.Shown;
import notchbook.core.reading.Admission;
import notchbook.core.seal.Sha256;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.sheet.SectionSheet.Photo;
import notchbook.formats.sheet.SheetMedia;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A reader's side of links: what opens by a secret, and what it gives out. */
@Service
public class Readings {
    private static final Duration WINDOW = Duration.ofMinutes(10);

    /** A family that mistypes gets there; a guesser does not. */
    private static final int MOST_FAILURES = 20;

    private static final int KEY_BYTES = 16;
    private static final int LONGEST_ANSWER = 2_000;

    private final ReaderLinkStore store;
    private final ReadThings things;
    private final People people;
    private final PasswordEncoder passwords;
    private final SchoolClock clock;

    Readings(ReaderLinkStore store, ReadThings things, People people, PasswordEncoder passwords, SchoolClock clock) {
        this.store = store;
        this.things = things;
        this.people = people;
        this.passwords = passwords;
        this.clock = clock;
    }

    /** Somebody outside, by the address that they ask from and the key that they got for the link's word, if they gave it. */
    public record Visitor(String address, Optional<String> key) {}

    /** What a visitor meets, with the link where there is one that is open. */
    record Met(Admission admission, Optional<ReaderLink> link) {}

    /** Writes what a link leads to as a page. */
    @FunctionalInterface
    public interface Writing {
        String write(ReaderLink link, Read read, SheetMedia media);
    }

    Met meet(String secret, Visitor visitor) {
        requireFewFailures(visitor);
        var link = store.bySecret(digest(secret));
        var admission = link.map(one -> one.terms().admits(clock.now(), knowsWord(one, visitor)))
                .orElse(Admission.OVER);
        if (link.isEmpty()) {
            fail(visitor);
        }
        return new Met(admission, link.filter(one -> admission != Admission.OVER));
    }

    private boolean knowsWord(ReaderLink link, Visitor visitor) {
        return visitor.key().filter(key -> store.hasKey(link.id(), digest(key))).isPresent();
    }

    /** A link that lets this visitor in now. */
    private ReaderLink require(String secret, Visitor visitor) {
        var met = meet(secret, visitor);
        return met.link().filter(link -> met.admission() == Admission.IN).orElseThrow(() -> Refusal.notFound("page"));
    }

    /** Opens a link: its page is written as things are now. That it was opened is told its owner. */
    @Transactional
    public String open(String secret, Visitor visitor, Looking looking, Writing writing) {
        var link = require(secret, visitor);
        var page = write(link, looking, writing);
        store.opened(link.id(), clock.now());
        return page;
    }

    /** The page of a link, which gives out what it refers to from now on. */
    @Transactional
    String write(ReaderLink link, Looking looking, Writing writing) {
        var owner = people.find(link.ownerId()).orElseThrow(() -> Refusal.notFound("page"));
        var showing = new Showing();
        var page = writing.write(link, things.of(owner, link.kind(), link.of(), looking), SheetMedia.beside(showing));
        store.show(link.id(), showing.contents.values());
        return page;
    }

    /** A content that the link's page refers to. */
    Shown content(String secret, Visitor visitor, String sha256) {
        return store.shown(require(secret, visitor).id(), sha256).orElseThrow(() -> Refusal.notFound("file"));
    }

    /** The key of somebody who gives the right word; empty where it is another. */
    @Transactional
    Optional<String> giveWord(String secret, Visitor visitor, String word) {
        var link = meet(secret, visitor).link().orElseThrow(() -> Refusal.notFound("page"));
        if (link.wordHash()
                .filter(hash -> passwords.matches(word.strip(), hash))
                .isEmpty()) {
            fail(visitor);
            return Optional.empty();
        }
        var key = Secret.ofBytes(KEY_BYTES);
        store.keepKey(link.id(), digest(key));
        return Optional.of(key);
    }

    /** Keeps the one answer that a link lets its reader write. */
    @Transactional
    public void answer(String secret, Visitor visitor, String words) {
        var link = require(secret, visitor);
        if (!link.terms().mayAnswer()) {
            throw Refusal.notFound("page");
        }
        if (words.isBlank() || words.length() > LONGEST_ANSWER) {
            throw Refusal.unfit("An answer has up to 2,000 letters.");
        }
        if (!store.answer(link.id(), words.strip(), clock.now())) {
            throw Refusal.notNow("You have answered already.");
        }
    }

    private void requireFewFailures(Visitor visitor) {
        if (store.failures(visitor.address(), clock.now().minus(WINDOW)) >= MOST_FAILURES) {
            throw Refusal.tooOften("Too many tries from here that did not fit. Wait ten minutes, and try again.");
        }
    }

    private void fail(Visitor visitor) {
        store.failed(visitor.address(), clock.now(), clock.now().minus(WINDOW));
    }

    /** Notes what a page refers to while it is written, each content by its digest. */
    private static final class Showing implements SheetMedia.There {
        private final Map<String, Shown> contents = new LinkedHashMap<>();

        @Override
        public Optional<String> picture(Photo photo) {
            return Optional.of(noted(new Shown(Sha256.hex(photo.bytes()), photo.type(), "picture")));
        }

        @Override
        public Optional<String> file(MediaFile file) {
            return Optional.of(noted(new Shown(file.place().getFileName().toString(), file.type(), file.name())));
        }

        private String noted(Shown shown) {
            contents.putIfAbsent(shown.sha256(), shown);
            return "media/" + shown.sha256();
        }
    }
}
