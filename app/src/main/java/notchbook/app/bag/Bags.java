package notchbook.app.bag;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import notchbook.app.media.Shelf;
import notchbook.app.media.Uploads;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Jobs;
import notchbook.app.platform.MadeState;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.notebook.FileName;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a student takes along, and what they bring in; each is seen by nobody else. */
@Service
class Bags {
    /** A bag can be made again, so it is not kept for long. */
    private static final Duration KEPT = Duration.ofDays(7);

    private static final int MOST = 5;

    private final BagStore bags;
    private final BroughtStore brought;
    private final Shelf shelf;
    private final Notebooks notebooks;
    private final Uploads uploads;
    private final Jobs jobs;
    private final SchoolClock clock;

    Bags(
            BagStore bags,
            BroughtStore brought,
            Shelf bagShelf,
            Notebooks notebooks,
            Uploads bagUploads,
            Jobs jobs,
            SchoolClock clock) {
        this.bags = bags;
        this.brought = brought;
        this.shelf = bagShelf;
        this.notebooks = notebooks;
        this.uploads = bagUploads;
        this.jobs = jobs;
        this.clock = clock;
    }

    List<Bag> of(Person owner) {
        owner.requireStudent();
        return bags.of(owner.id());
    }

    List<BroughtBag> broughtBy(Person owner) {
        return brought.of(owner.id());
    }

    /** Has a bag made of a notebook, or of everything, under an id of its owner's making; wanting it again changes nothing. */
    @Transactional
    Bag make(Person owner, UUID id, Optional<UUID> notebookId) {
        owner.requireStudent();
        notebookId.ifPresent(notebook -> notebooks.require(owner, notebook));
        if (bags.find(id).isPresent()) {
            return require(owner, id);
        }
        if (bags.of(owner.id()).size() >= MOST) {
            throw Refusal.notNow(
                    "Five bags of yours are here. Delete one that you have saved, and make the new one then.");
        }
        var bag = new Bag(id, owner.id(), notebookId, MadeState.WAITING, 0, 0, "", clock.now());
        bags.insert(bag);
        jobs.want(BagMaking.NAME, id);
        return bag;
    }

    private Bag require(Person owner, UUID id) {
        return bags.find(id).filter(bag -> bag.ownerId().equals(owner.id())).orElseThrow(() -> Refusal.notFound("bag"));
    }

    /** A bag that is ready, with the file that it is. */
    record Ready(Bag bag, String title, Path file) {}

    Ready ready(Person owner, UUID id) throws IOException {
        var bag = require(owner, id);
        if (bag.state() != MadeState.READY) {
            throw Refusal.notNow("This bag is not ready yet.");
        }
        return new Ready(bag, title(owner, bag), shelf.place(id));
    }

    /** What a bag holds: a notebook by its title, or everything. */
    String title(Person owner, Bag bag) {
        return bag.notebookId()
                .map(notebook -> notebooks.require(owner, notebook).title())
                .orElse("Everything");
    }

    /** Deletes a bag, made or brought; what is in it stays where it is. */
    @Transactional
    void delete(Person owner, UUID id) {
        if (bags.find(id).isPresent()) {
            require(owner, id);
            bags.delete(id);
        } else {
            requireBrought(owner, id);
            brought.delete(id);
        }
        shelf.forget(id);
    }

    /** Keeps a file that arrived in parts as a bag that is brought in, and has it looked through. */
    @Transactional
    BroughtBag bring(Person owner, UUID id, String upload, String name) throws IOException {
        owner.requireStudent();
        if (brought.find(id).isPresent()) {
            return requireBrought(owner, id);
        }
        if (brought.of(owner.id()).size() >= MOST) {
            throw Refusal.notNow("You have brought in five bags. Delete one of them, and bring this one in then.");
        }
        if (!uploads.copyWhole(owner, upload, shelf.place(id))) {
            throw Refusal.notFound("upload");
        }
        var bag = new BroughtBag(
                id,
                owner.id(),
                FileName.parse(name).name(),
                BroughtBag.State.LOOKING,
                0,
                Found.NOTHING,
                "",
                clock.now());
        brought.insert(bag);
        jobs.want(BagLooking.NAME, id);
        return bag;
    }

    /** Has a bag that is whole taken in; asking again changes nothing. */
    @Transactional
    BroughtBag take(Person owner, UUID id) {
        var bag = requireBrought(owner, id);
        if (brought.move(id, BroughtBag.State.WHOLE, BroughtBag.State.TAKING)) {
            jobs.want(BagTaking.NAME, id);
        } else if (bag.state() != BroughtBag.State.TAKING && bag.state() != BroughtBag.State.TAKEN) {
            throw Refusal.notNow("This bag can't be taken in.");
        }
        return requireBrought(owner, id);
    }

    private BroughtBag requireBrought(Person owner, UUID id) {
        return brought.find(id)
                .filter(bag -> bag.ownerId().equals(owner.id()))
                .orElseThrow(() -> Refusal.notFound("bag"));
    }

    @Scheduled(initialDelay = 1, fixedDelay = 6, timeUnit = TimeUnit.HOURS)
    void cleanUp() {
        var before = clock.now().minus(KEPT);
        for (var bag : bags.before(before)) {
            bags.delete(bag.id());
            shelf.forget(bag.id());
        }
        for (var bag : brought.before(before)) {
            brought.delete(bag.id());
            shelf.forget(bag.id());
        }
    }
}
