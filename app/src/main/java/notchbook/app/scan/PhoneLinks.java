package notchbook.app.scan;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.Incoming;
import notchbook.app.media.Media;
import notchbook.app.notebook.Pages;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.platform.Secret;
import notchbook.app.scan.PhoneLinkStore.PhoneLink;
import notchbook.core.seal.Sha256;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Links by which a phone puts photos on a bench without signing in: for ten minutes, for one phone, and for no more. */
@Service
class PhoneLinks {
    private static final Duration OPEN = Duration.ofMinutes(10);
    private static final int SECRET_BYTES = 16;

    private final PhoneLinkStore store;
    private final Scans scans;
    private final ScanStore benches;
    private final Pages pages;
    private final People people;
    private final Media media;
    private final SchoolClock clock;

    PhoneLinks(
            PhoneLinkStore store,
            Scans scans,
            ScanStore benches,
            Pages pages,
            People people,
            Media media,
            SchoolClock clock) {
        this.store = store;
        this.scans = scans;
        this.benches = benches;
        this.pages = pages;
        this.people = people;
        this.media = media;
        this.clock = clock;
    }

    /** The secret of a new link, said once. */
    record NewLink(String secret, Instant until) {}

    /** What the phone is told: the page that its photos go to, how many are on the bench, and until when it may send. */
    record Bench(String page, int photos, Instant until) {}

    /** Makes a link to a bench; one that was made before ends. */
    @Transactional
    NewLink make(Person reader, UUID scanId) {
        var bench = scans.require(reader, scanId);
        var secret = Secret.ofBytes(SECRET_BYTES);
        var until = clock.now().plus(OPEN);
        store.delete(bench.id());
        store.insert(digest(secret), new PhoneLink(bench.id(), until));
        return new NewLink(secret, until);
    }

    /** What a phone sees that opens a link with a key of its own. */
    @Transactional
    Bench look(String secret, String phoneKey) {
        var link = require(secret, phoneKey);
        var bench = benches.find(link.scanId()).orElseThrow();
        var owner = ownerOf(bench);
        return new Bench(
                pages.require(owner, bench.pageId()).title(),
                scans.shotsOn(bench).size(),
                link.until());
    }

    /** Takes a photo in from a phone; sending it again under its id changes nothing. */
    void send(String secret, String phoneKey, Incoming photo) {
        var bench = benches.find(require(secret, phoneKey).scanId()).orElseThrow();
        var owner = ownerOf(bench);
        media.take(owner, photo);
        scans.lay(owner, bench.id(), photo.id(), photo.id(), Optional.empty());
    }

    private PhoneLink require(String secret, String phoneKey) {
        var link = store.find(digest(secret))
                .filter(found -> clock.now().isBefore(found.until()))
                .orElseThrow(() -> Refusal.over("This link is over. Show a new code on the scan bench."));
        if (phoneKey.isBlank() || !store.claim(digest(secret), digest(phoneKey))) {
            throw Refusal.over("Another phone has opened this link. Show a new code on the scan bench.");
        }
        return link;
    }

    private Person ownerOf(ScanBench bench) {
        return people.find(bench.ownerId()).orElseThrow();
    }

    private static String digest(String secret) {
        return Sha256.hex(secret);
    }
}
