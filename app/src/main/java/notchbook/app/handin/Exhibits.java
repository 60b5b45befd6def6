package notchbook.app.handin;

import static java.util.stream.Collectors.toSet;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.Glimpse;
import notchbook.app.entry.Glimpses;
import notchbook.app.notebook.Notebook;
import notchbook.app.people.Person;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.handin.GoesAlong;
import notchbook.core.handin.Picked;
import notchbook.core.syllabus.Edition;
import notchbook.core.voice.About;
import notchbook.formats.voice.TakeJson;
import org.springframework.stereotype.Component;

/** Freezes work of students outside of any hand-in, for those to whom they show it. */
@Component
public class Exhibits {
    private static final int CARD_LETTERS = 120;

    private final Picking picking;
    private final Freezer freezer;
    private final SealedMapper sealed;
    private final Entries entries;
    private final Glimpses glimpses;
    private final Syllabi syllabi;

    Exhibits(
            Picking picking,
            Freezer freezer,
            SealedMapper sealed,
            Entries entries,
            Glimpses glimpses,
            Syllabi syllabi) {
        this.picking = picking;
        this.freezer = freezer;
        this.sealed = sealed;
        this.entries = entries;
        this.glimpses = glimpses;
        this.syllabi = syllabi;
    }

    /** An entry of the student's own, on its page by itself; what was explained aloud goes with what explains it. */
    public Exhibit entry(Person student, UUID id) {
        var entry = entries.require(student, id);
        var page = entry.place().pageId();
        var around = picking.of(student, new Picked.OfPages(List.of(page)));
        var alone = new Gathered(
                around.scope(),
                around.notebooks(),
                entry.caption().isBlank() ? around.title() : entry.caption(),
                around.topics(),
                around.pages(),
                Map.of(page, talkThrough(entry, around.entriesByPage().getOrDefault(page, List.of()))),
                List.of(),
                List.of(),
                List.of());
        return frozen(student, alone);
    }

    /** An entry with the recordings that explain it; a recording with what it explains. */
    private static List<Entry> talkThrough(Entry entry, List<Entry> onPage) {
        var subject = explained(entry).orElse(entry.id());
        var whole = onPage.stream()
                .filter(one -> one.id().equals(subject) || explained(one).equals(Optional.of(subject)))
                .toList();
        return whole.contains(entry) ? whole : List.of(entry);
    }

    private static Optional<UUID> explained(Entry entry) {
        return entry.kind() == EntryKind.RECORDING
                ? TakeJson.read(entry.content()).about().map(About::entry)
                : Optional.empty();
    }

    public Exhibit page(Person student, UUID id) {
        return frozen(student, picking.of(student, new Picked.OfPages(List.of(id))));
    }

    public Exhibit collection(Person student, UUID id) {
        return frozen(student, picking.of(student, new Picked.OfCollection(id)));
    }

    private Exhibit frozen(Person student, Gathered work) {
        var frozen = freezer.freeze(List.of(student), work, GoesAlong.NOTHING, Set.of());
        var looks = glimpses.of(work.pieces());
        return new Exhibit(
                work.title(),
                topics(work),
                looks.stream().map(Glimpse::kind).findFirst().orElse(EntryKind.TYPED),
                looks.stream().flatMap(look -> look.picture().stream()).findFirst(),
                looks.stream()
                        .map(Glimpse::words)
                        .filter(words -> !words.isBlank())
                        .findFirst()
                        .map(Exhibits::beginning)
                        .orElse(""),
                sealed.pages(frozen),
                frozen.media().values().stream().map(Copy::mediaId).collect(toSet()));
    }

    /** As much as a card holds, cut between words. */
    private static String beginning(String words) {
        var last = words.lastIndexOf(' ', CARD_LETTERS);
        return words.length() <= CARD_LETTERS || last < 0 ? words : words.substring(0, last) + " …";
    }

    /** Those of its notches, or where nothing is notched those of its section. */
    private List<String> topics(Gathered work) {
        var notched = names(
                work.notebooks(),
                work.pieces().stream().map(Entry::notches).flatMap(Set::stream).toList());
        return notched.isEmpty() ? names(work.notebooks(), work.topics()) : notched;
    }

    private List<String> names(List<Notebook> notebooks, Collection<UUID> lines) {
        return Edition.topicNames(
                notebooks.stream()
                        .map(notebook -> syllabi.edition(notebook.editionId(), notebook.id()))
                        .toList(),
                lines);
    }
}
