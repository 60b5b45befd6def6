package notchbook.app.link;

import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import notchbook.app.people.Person;
import notchbook.app.platform.Jobs;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The cards of the web pages that a person links to: each page is fetched once for each person, and again when asked. */
@Service
public class LinkCards {
    /** As long as a page is taken to be where it was. */
    private static final Duration GOOD_FOR = Duration.ofDays(30);

    private static final int AT_ONCE = 50;

    private final LinkCardStore store;
    private final Jobs jobs;
    private final SchoolClock clock;

    LinkCards(LinkCardStore store, Jobs jobs, SchoolClock clock) {
        this.store = store;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** A person's cards for addresses, by address; an address that was never linked to has none. */
    public Map<String, LinkCard> of(UUID ownerId, Collection<String> addresses) {
        return addresses.isEmpty() ? Map.of() : store.findAll(ownerId, addresses);
    }

    /** Has a page fetched if it was not yet. */
    @Transactional
    public void want(UUID ownerId, String address) {
        if (of(ownerId, List.of(address)).isEmpty()) {
            var card = LinkCard.wanted(clock.newId(), ownerId, address);
            store.insert(card);
            jobs.want(CardFetching.NAME, card.id());
        }
    }

    /** Looks now and then whether pages are still where they were. */
    @Scheduled(initialDelay = 7, fixedDelay = 60, timeUnit = TimeUnit.MINUTES)
    void lookAgain() {
        store.fetchedBefore(clock.now().minus(GOOD_FOR), AT_ONCE)
                .forEach(card -> jobs.want(CardFetching.NAME, card.id()));
    }

    /** Has a page of the reader's fetched once more. */
    @Transactional
    public LinkCard again(Person reader, UUID id) {
        var card = store.find(id)
                .filter(found -> found.ownerId().equals(reader.id()))
                .orElseThrow(() -> Refusal.notFound("link"))
                .wantedAgain();
        store.update(card, clock.now());
        jobs.want(CardFetching.NAME, id);
        return card;
    }
}
