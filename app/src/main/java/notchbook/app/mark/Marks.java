package notchbook.app.mark;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Section;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.layer.Thing;
import notchbook.core.mark.Gathering;
import notchbook.core.mark.Mark;
import notchbook.core.mark.Mark.AnsweringEntry;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.text.Passages;
import notchbook.formats.document.DocumentJson;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The marks of a student's notebooks. */
@Service
public class Marks {
    private final MarkStore store;
    private final OwnMarks ownMarks;
    private final Notebooks notebooks;
    private final Entries entries;
    private final Syllabi syllabi;
    private final MarkedThings things;

    Marks(
            MarkStore store,
            OwnMarks ownMarks,
            Notebooks notebooks,
            Entries entries,
            Syllabi syllabi,
            MarkedThings things) {
        this.things = things;
        this.store = store;
        this.ownMarks = ownMarks;
        this.notebooks = notebooks;
        this.entries = entries;
        this.syllabi = syllabi;
    }

    public List<EntryMark> on(Collection<Entry> marked) {
        return store.on(marked.stream().map(Entry::id).toList());
    }

    /** Sets a mark or changes it; a mark stays on its entry. */
    @Transactional
    public void put(Person reader, UUID entryId, Mark mark) {
        entries.require(reader, entryId);
        store.find(mark.id()).filter(there -> !there.entryId().equals(entryId)).ifPresent(elsewhere -> {
            throw Refusal.notFound("mark");
        });
        requireFits(reader, mark);
        store.put(new EntryMark(entryId, mark));
    }

    /** Refuses a mark of somebody else's making, and an answer that is not the reader's. */
    public void requireFits(Person reader, Mark mark) {
        if (mark instanceof Mark.Own own
                && ownMarks.of(reader).stream().noneMatch(kind -> kind.id().equals(own.kind()))) {
            throw Refusal.notFound("mark");
        }
        if (mark instanceof Mark.OpenQuestion question
                && question.answer().orElse(null) instanceof AnsweringEntry answer) {
            entries.require(reader, answer.entry());
        }
    }

    /** Takes a mark off; taking it off again changes nothing. */
    @Transactional
    public void remove(Person reader, UUID entryId, UUID id) {
        entries.require(reader, entryId);
        store.find(id).filter(there -> there.entryId().equals(entryId)).ifPresent(there -> store.delete(id));
    }

    /** The marks that are wished for on live pages and on things, of one notebook or of all that is the reader's. */
    @Transactional(readOnly = true)
    public List<PlacedMark> gathered(Person reader, Optional<UUID> notebookId, Gathering.Wish wish) {
        var books = notebookId.map(id -> List.of(notebooks.require(reader, id))).orElseGet(() -> notebooks.of(reader));
        var marks = store.ownedBy(reader.id());
        var live = entries.live(reader, marks.stream().map(EntryMark::entryId).toList()).stream()
                .collect(toMap(Entry::id, identity()));
        var placed = Stream.concat(
                        books.stream().flatMap(book -> placed(book, marks, live)), onThings(reader, notebookId))
                .collect(toMap(one -> one.mark().id(), identity()));
        return Gathering.of(placed.values().stream().map(PlacedMark::placed).toList(), wish).stream()
                .map(one -> placed.get(one.mark().id()))
                .toList();
    }

    /** Those of one notebook are on things that help with a topic of its syllabus. */
    private Stream<PlacedMark> onThings(Person reader, Optional<UUID> notebookId) {
        var all = things.of(reader);
        return notebookId
                .map(id -> notebooks.require(reader, id))
                .map(book -> syllabi.edition(book.editionId(), book.id()))
                .map(edition -> all.filter(mark -> mark.topics().stream()
                        .anyMatch(topic -> edition.find(topic.id()).isPresent())))
                .orElse(all);
    }

    private Stream<PlacedMark> placed(Notebook book, List<EntryMark> marks, Map<UUID, Entry> live) {
        var pages = notebooks.pages(book).stream().collect(toMap(Page::id, identity()));
        var sections = notebooks.sections(book).stream().collect(toMap(Section::id, identity()));
        var edition = syllabi.edition(book.editionId(), book.id());
        return marks.stream()
                .filter(mark -> live.containsKey(mark.entryId()))
                .filter(mark ->
                        pages.containsKey(live.get(mark.entryId()).place().pageId()))
                .map(mark -> {
                    var entry = live.get(mark.entryId());
                    var page = pages.get(entry.place().pageId());
                    var topics = topics(entry, sections.get(page.sectionId()), edition);
                    return PlacedMark.of(
                            new Where.OnPage(book, page, entry), words(entry, mark.mark()), topics, mark.mark());
                });
    }

    /** The topics that an entry is notched to, its section's first; where it is notched nowhere, its section's. */
    private static List<SyllabusNode> topics(Entry entry, Section section, Edition edition) {
        Set<UUID> keys = entry.notches().isEmpty() ? section.topics() : entry.notches();
        return keys.stream()
                .flatMap(key -> edition.topicOf(key).stream())
                .distinct()
                .sorted(Comparator.comparing(
                                (SyllabusNode topic) -> !section.topics().contains(topic.id()))
                        .thenComparing(SyllabusNode::code))
                .toList();
    }

    /**
     * The words of the passage or the spot that a mark stands on; the entry's name where it stands on the whole, or on none
     * any more.
     */
    public static String words(Entry entry, Mark mark) {
        return mark.passage().flatMap(passage -> words(entry, passage)).orElseGet(entry::name);
    }

    private static Optional<String> words(Entry entry, UUID passage) {
        return switch (entry.kind()) {
            case TYPED -> Passages.of(DocumentJson.read(entry.content())).find(passage);
            case PHOTO ->
                entry.photoPages().stream()
                        .flatMap(page -> page.layer().flatMap(layer -> layer.spot(passage)).stream())
                        .map(Thing.Spot::name)
                        .findFirst();
            default -> Optional.empty();
        };
    }
}
