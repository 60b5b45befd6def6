package notchbook.app.view;

import static java.util.stream.Collectors.toSet;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import notchbook.app.collection.Collections;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where the things of a collection lie on its board, and how they are tied. */
@Service
public class Boards {
    private static final int MOST_TIES = 2_000;
    private static final int LONGEST_WORDS = 120;

    /** As far as anybody goes on a board. */
    private static final double FARTHEST = 1_000_000;

    private final Collections collections;
    private final BoardStore store;

    Boards(Collections collections, BoardStore store) {
        this.collections = collections;
        this.store = store;
    }

    List<Place> places(Person reader, UUID collectionId) {
        collections.requireOwn(reader, collectionId);
        return store.places(collectionId);
    }

    public List<Tie> ties(Person reader, UUID collectionId) {
        collections.requireOwn(reader, collectionId);
        return store.ties(collectionId);
    }

    /** Moves some cards; the others stay where they lie. */
    @Transactional
    public void place(Person reader, UUID collectionId, List<Place> places) {
        requireThings(reader, collectionId, places.stream().map(Place::item).collect(toSet()));
        if (!places.stream().allMatch(place -> isNear(place.x()) && isNear(place.y()))) {
            throw Refusal.unfit("That is too far away. Put the card nearer to the others.");
        }
        store.put(places);
    }

    private static boolean isNear(double at) {
        return Math.abs(at) <= FARTHEST;
    }

    @Transactional
    public void tie(Person reader, UUID collectionId, Tie tie) {
        if (tie.from().equals(tie.to())) {
            throw Refusal.unfit("A tie leads from one thing to another.");
        }
        requireThings(reader, collectionId, Set.of(tie.from(), tie.to()));
        if (tie.words().length() > LONGEST_WORDS) {
            throw Refusal.unfit("The words of a tie have up to 120 characters.");
        }
        if (store.ties(collectionId).size() >= MOST_TIES) {
            throw Refusal.unfit("A board has up to 2,000 ties. Take out those that say nothing.");
        }
        if (!store.put(collectionId, tie)) {
            throw Refusal.notFound("tie");
        }
    }

    private void requireThings(Person reader, UUID collectionId, Set<UUID> things) {
        if (!collections.thingsOf(reader, collectionId).containsAll(things)) {
            throw Refusal.notFound("thing");
        }
    }

    @Transactional
    void untie(Person reader, UUID collectionId, UUID id) {
        collections.requireOwn(reader, collectionId);
        if (!store.deleteTie(collectionId, id)) {
            throw Refusal.notFound("tie");
        }
    }
}
