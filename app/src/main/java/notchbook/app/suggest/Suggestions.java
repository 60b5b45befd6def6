package notchbook.app.suggest;

import static java.util.stream.Collectors.toSet;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NeedsNoNotch;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.find.Findable;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.suggest.PointIndex;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What entries may be about, by their words, and which of a student's work is filed nowhere. */
@Service
public class Suggestions {
    private static final int MOST_OFFERS = 3;

    /** Older work comes when this much is filed. */
    private static final int MOST_UNFILED = 60;

    private final SuggestionStore store;
    private final List<NeedsNoNotch> needNoNotch;
    private final Entries entries;
    private final Notebooks notebooks;
    private final NotebookEntries notebookEntries;
    private final Syllabi syllabi;
    private final Findable findable;
    private final SchoolClock clock;

    Suggestions(
            SuggestionStore store,
            List<NeedsNoNotch> needNoNotch,
            Entries entries,
            Notebooks notebooks,
            NotebookEntries notebookEntries,
            Syllabi syllabi,
            Findable findable,
            SchoolClock clock) {
        this.store = store;
        this.needNoNotch = needNoNotch;
        this.entries = entries;
        this.notebooks = notebooks;
        this.notebookEntries = notebookEntries;
        this.syllabi = syllabi;
        this.findable = findable;
        this.clock = clock;
    }

    /** What an entry may be about, but for what it is notched to and what was refused. */
    List<Offer> of(Person reader, UUID entryId) {
        var entry = entries.require(reader, entryId);
        return offered(entries.notebookOf(reader, entry), List.of(entry))
                .getFirst()
                .offers();
    }

    /** Work of a notebook that is notched nowhere, the newest first. */
    List<OfferedEntry> unfiled(Person reader, UUID notebookId) {
        var notebook = notebooks.require(reader, notebookId);
        var loose = notebookEntries.in(notebook).stream()
                .filter(Suggestions::isUnfiled)
                .sorted(Comparator.comparing(Entry::madeAt).reversed())
                .toList();
        var beside = besideSyllabus(loose.stream().map(Entry::id).toList());
        return offered(
                notebook,
                loose.stream()
                        .filter(entry -> !beside.contains(entry.id()))
                        .limit(MOST_UNFILED)
                        .toList());
    }

    /** Whether an entry waits for a notch: a note beside another entry belongs to that one, and needs none of its own. */
    public static boolean isUnfiled(Entry entry) {
        return entry.notches().isEmpty()
                && !entry.isEmpty()
                && entry.place().beside().isEmpty();
    }

    /** Those of these entries that are no work for the syllabus: as their student said, or by what they were made for. */
    public Set<UUID> besideSyllabus(Collection<UUID> ids) {
        return Stream.concat(store.beside(ids).stream(), needNoNotch.stream().flatMap(room -> room.among(ids).stream()))
                .collect(toSet());
    }

    @Transactional
    void refuse(Person reader, UUID entryId, UUID point) {
        store.refuse(requireWith(reader, entryId, point), point, clock.now());
    }

    @Transactional
    void allow(Person reader, UUID entryId, UUID point) {
        store.allow(requireWith(reader, entryId, point), point);
    }

    @Transactional
    void setBeside(Person reader, UUID entryId) {
        store.setBeside(entries.require(reader, entryId).id(), clock.now());
    }

    @Transactional
    void clearBeside(Person reader, UUID entryId) {
        store.clearBeside(entries.require(reader, entryId).id());
    }

    private UUID requireWith(Person reader, UUID entryId, UUID point) {
        var entry = entries.require(reader, entryId);
        var notebook = entries.notebookOf(reader, entry);
        syllabi.edition(notebook.editionId(), notebook.id()).find(point).orElseThrow(() -> Refusal.notFound("point"));
        return entry.id();
    }

    private List<OfferedEntry> offered(Notebook notebook, List<Entry> found) {
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var index = PointIndex.of(edition, notebook.exam());
        var texts = findable.of(notebook.ownerId(), found);
        var refused = store.refused(found.stream().map(Entry::id).toList());
        return found.stream()
                .map(entry -> {
                    var text = texts.get(entry.id()).all().strip();
                    var leftOut = Stream.of(entry.notches(), refused.getOrDefault(entry.id(), Set.of()))
                            .flatMap(Set::stream)
                            .collect(toSet());
                    var offers = index.suggest(text, leftOut, MOST_OFFERS).stream()
                            .map(one -> new Offer(edition.find(one.point()).orElseThrow(), one.words()))
                            .toList();
                    return new OfferedEntry(entry, text, offers);
                })
                .toList();
    }
}
