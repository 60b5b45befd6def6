package notchbook.app.scan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryPlace;
import notchbook.app.entry.EntryWidth;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.core.scan.PhotoSet;
import notchbook.core.scan.Recipe;
import notchbook.core.scan.SetPage;
import notchbook.formats.scan.PhotoSetJson;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Makes a photo entry of what lies on the bench, or writes the set of the entry that the bench was opened for. */
@Service
class Putting {
    private static final Set<ShotState> DONE = Set.of(ShotState.READY, ShotState.FAILED);

    private final Scans scans;
    private final BenchOrder order;
    private final Entries entries;
    private final Media media;
    private final JsonMapper mapper;

    Putting(Scans scans, BenchOrder order, Entries entries, Media media, JsonMapper mapper) {
        this.scans = scans;
        this.order = order;
        this.entries = entries;
        this.media = media;
        this.mapper = mapper;
    }

    /** Puts the set into its page and clears the bench; {@code newId} is the id of the entry when it is a new one. */
    @Transactional
    Entry put(Person reader, UUID scanId, UUID newId) {
        var bench = scans.require(reader, scanId);
        var before = bench.entryId().map(id -> entries.require(reader, id));
        var set = written(set(scans.shotsOn(bench)), before);
        var entry = entries.keep(
                reader,
                new Entries.Change(
                        bench.entryId().orElse(newId),
                        before.map(Entry::version).orElse(0),
                        before.map(Entry::place)
                                .orElse(new EntryPlace(
                                        bench.pageId(), bench.zone(), Optional.empty(), EntryWidth.FULL)),
                        EntryKind.PHOTO,
                        mapper.readTree(content(set)),
                        Optional.of(set.pages().getFirst().picture()),
                        bench.name(),
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        Optional.empty()));
        scans.clear(reader, scanId);
        return entry;
    }

    /** What is written on the pages of the entry goes along with them, to where they show it now. */
    private PhotoSet written(PhotoSet set, Optional<Entry> entry) {
        var before = entry.map(Entry::photoPages).orElse(List.of()).stream()
                .collect(Collectors.toMap(SetPage::photo, Function.identity(), (first, again) -> first));
        var pictures = media.findAll(set.pages().stream().map(SetPage::picture).toList());
        return new PhotoSet(set.pages().stream()
                .map(page -> before.containsKey(page.photo())
                        ? page.following(before.get(page.photo()), proportion(pictures.get(page.picture())))
                        : page)
                .toList());
    }

    private static double proportion(MediaItem picture) {
        return (double) picture.width().orElse(1) / picture.height().orElse(1);
    }

    /** One photo as it was taken needs no set around it. */
    private static String content(PhotoSet set) {
        var first = set.pages().getFirst();
        return set.pages().equals(List.of(SetPage.of(first.photo()))) ? "{}" : PhotoSetJson.write(set);
    }

    private PhotoSet set(List<Shot> arrived) {
        var byId = arrived.stream().collect(Collectors.toMap(Shot::id, Function.identity()));
        var kept = order.of(arrived).bench().kept().stream().map(byId::get).toList();
        if (kept.isEmpty()) {
            throw Refusal.unfit("There is no page to put in. Take a photo, or take in one that is left out.");
        }
        if (kept.stream().anyMatch(shot -> !DONE.contains(shot.state()))) {
            throw Refusal.notNow("Some photos are still being made pages. Try again in a moment.");
        }
        return new PhotoSet(kept.stream()
                .map(shot -> new SetPage(
                        shot.pictureId().orElseThrow(),
                        shot.photoId(),
                        shot.recipe().orElse(Recipe.WHOLE),
                        shot.name(),
                        shot.gist(),
                        Optional.empty()))
                .toList());
    }
}
