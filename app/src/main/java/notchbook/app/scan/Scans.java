package notchbook.app.scan;

import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaKind;
import notchbook.app.notebook.Pages;
import notchbook.app.people.Person;
import notchbook.app.platform.Jobs;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.scan.PhotoSet;
import notchbook.core.scan.Recipe;
import notchbook.core.scan.SetPage;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a student does at the bench; every change is kept at once, so that a bench can be left and come back to. */
@Service
public class Scans {
    private static final int LONGEST_NAME = 500;

    private final ScanStore store;
    private final ShotStore shots;
    private final BenchOrder order;
    private final Scanning scanning;
    private final Pages pages;
    private final Entries entries;
    private final Media media;
    private final Jobs jobs;
    private final SchoolClock clock;

    Scans(
            ScanStore store,
            ShotStore shots,
            BenchOrder order,
            Scanning scanning,
            Pages pages,
            Entries entries,
            Media media,
            Jobs jobs,
            SchoolClock clock) {
        this.store = store;
        this.shots = shots;
        this.order = order;
        this.scanning = scanning;
        this.pages = pages;
        this.entries = entries;
        this.media = media;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** A bench of the reader's own. */
    ScanBench require(Person reader, UUID id) {
        return store.find(id)
                .filter(bench -> bench.ownerId().equals(reader.id()))
                .orElseThrow(() -> Refusal.notFound("scan bench"));
    }

    /** The benches that wait for a page, the newest first. */
    List<ScanBench> onPage(Person reader, UUID pageId) {
        return store.onPage(pages.require(reader, pageId).id());
    }

    List<Shot> shotsOn(ScanBench bench) {
        return shots.on(bench.id());
    }

    /** Sets a bench up under an id that the sender chose; for an entry, with the pages of its set. */
    @Transactional
    public void open(Person reader, UUID id, UUID pageId, String zone, Optional<UUID> entryId) {
        reader.requireStudent();
        if (store.find(id).isPresent()) {
            require(reader, id);
            return;
        }
        pages.require(reader, pageId);
        var entry = entryId.map(one -> entries.require(reader, one));
        var bench = new ScanBench(
                id,
                reader.id(),
                pageId,
                zone,
                entryId,
                entry.map(Entry::caption).orElse(""),
                clock.now());
        store.insert(bench);
        entry.ifPresent(one -> layOut(bench, one));
    }

    private void layOut(ScanBench bench, Entry entry) {
        if (entry.kind() != EntryKind.PHOTO) {
            throw Refusal.unfit("Only photos go onto the scan bench.");
        }
        var laid = entry.photoPages().stream().map(page -> layPage(bench, page)).toList();
        place(laid);
    }

    private UUID layPage(ScanBench bench, SetPage page) {
        var id = clock.newId();
        shots.insert(Shot.arrived(id, bench.id(), page.photo(), bench.createdAt()));
        shots.made(id, page.picture(), page.recipe());
        shots.name(id, page.name(), page.gist());
        return id;
    }

    /** Lays a photo of the reader's on the bench, in the place of another that is taken again. */
    @Transactional
    public void lay(Person reader, UUID scanId, UUID shotId, UUID photoId, Optional<UUID> insteadOf) {
        var bench = require(reader, scanId);
        if (shots.find(shotId).isPresent()) {
            return;
        }
        requireRoom(scanId);
        requirePhoto(reader, photoId);
        shots.insert(Shot.arrived(shotId, bench.id(), photoId, clock.now()));
        insteadOf.map(old -> requireShot(reader, scanId, old)).ifPresent(old -> replace(bench, old, shotId));
        jobs.want(Scanning.NAME, shotId);
    }

    /** Lays a picture of the reader's on the bench that is a page already, such as one of a PDF. */
    @Transactional
    void layWhole(Person reader, UUID scanId, UUID photoId) {
        var bench = require(reader, scanId);
        if (shots.find(photoId).isEmpty()) {
            requireRoom(scanId);
            shots.insert(Shot.arrived(photoId, bench.id(), photoId, clock.now()));
            shots.made(photoId, photoId, Recipe.WHOLE);
            media.readWords(photoId);
        }
    }

    private void requireRoom(UUID scanId) {
        if (shots.count(scanId) >= PhotoSet.MOST_PAGES) {
            throw Refusal.unfit("A bench holds 120 photos. Put these into the page first, then go on.");
        }
    }

    /** The photo that is taken again stays on the bench, left out; its place and its words go to the new one. */
    private void replace(ScanBench bench, Shot old, UUID by) {
        var now = orderOn(bench).stream()
                .filter(id -> !id.equals(by))
                .flatMap(id -> id.equals(old.id()) ? List.of(by, id).stream() : List.of(id).stream())
                .toList();
        place(now);
        shots.name(by, old.name(), old.gist());
        shots.leaveOut(old.id(), true);
    }

    private void requirePhoto(Person reader, UUID photoId) {
        var photo = media.requireOwned(reader, photoId);
        if (photo.kind() != MediaKind.PHOTO) {
            throw Refusal.unfit("“" + photo.name() + "” is not a picture. Use a JPEG, PNG or WebP file.");
        }
    }

    /** Makes the page of a shot by another recipe, of the photo as it came. */
    void make(Person reader, UUID scanId, UUID shotId, Recipe recipe) {
        var shot = requireShot(reader, scanId, shotId);
        var picture = recipe.equals(Recipe.WHOLE)
                ? photoOf(shot).id()
                : scanning.made(photoOf(shot), recipe).id();
        shots.made(shotId, picture, recipe);
    }

    /** Has the page of a shot found once more; its finish stays. */
    void find(Person reader, UUID scanId, UUID shotId) {
        var shot = requireShot(reader, scanId, shotId);
        var found = scanning.found(photoOf(shot));
        var finish = shot.recipe().map(Recipe::finish).orElse(found.finish());
        make(reader, scanId, shotId, new Recipe(found.quad(), found.quarters(), finish));
    }

    private MediaItem photoOf(Shot shot) {
        return media.find(shot.photoId()).orElseThrow(() -> Refusal.notFound("photo"));
    }

    @Transactional
    void leaveOut(Person reader, UUID scanId, UUID shotId, boolean isLeftOut) {
        shots.leaveOut(requireShot(reader, scanId, shotId).id(), isLeftOut);
    }

    @Transactional
    void name(Person reader, UUID scanId, UUID shotId, String name, String gist) {
        var shot = requireShot(reader, scanId, shotId);
        // The set will hold these words: what it would not take is refused here already.
        var page = new SetPage(shot.photoId(), shot.photoId(), Recipe.WHOLE, name, gist, Optional.empty());
        shots.name(shotId, page.name(), page.gist());
    }

    @Transactional
    void rename(Person reader, UUID scanId, String name) {
        if (name.length() > LONGEST_NAME) {
            throw Refusal.unfit("The name of a set has up to 500 characters. Write the rest as a note beside it.");
        }
        store.name(require(reader, scanId).id(), name);
    }

    /** Puts the photos into the student's own order; those that are not named come after. */
    @Transactional
    void order(Person reader, UUID scanId, List<UUID> wished) {
        var there = orderOn(require(reader, scanId));
        var now = new LinkedHashSet<>(wished);
        now.retainAll(new HashSet<>(there));
        now.addAll(there);
        place(List.copyOf(now));
    }

    private List<UUID> orderOn(ScanBench bench) {
        return order.of(shots.on(bench.id())).bench().order();
    }

    private void place(List<UUID> order) {
        IntStream.range(0, order.size()).forEach(i -> shots.place(order.get(i), i));
    }

    @Transactional
    void remove(Person reader, UUID scanId, UUID shotId) {
        shots.delete(requireShot(reader, scanId, shotId).id());
    }

    @Transactional
    void clear(Person reader, UUID scanId) {
        store.delete(require(reader, scanId).id());
    }

    Shot requireShot(Person reader, UUID scanId, UUID shotId) {
        var bench = require(reader, scanId);
        return shots.find(shotId)
                .filter(shot -> shot.scanId().equals(bench.id()))
                .orElseThrow(() -> Refusal.notFound("photo"));
    }
}
