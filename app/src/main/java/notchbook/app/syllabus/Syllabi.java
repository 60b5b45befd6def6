package notchbook.app.syllabus;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toSet;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.Media;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.edition.EditionComparison;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusDraft;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.SyllabusRow;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The syllabus editions, and own points of notebooks. */
@Service
public class Syllabi {
    private static final int LONGEST_CODE = 40;
    private static final int LONGEST_TITLE = 200;

    private final SyllabusStore store;
    private final Media media;
    private final SchoolClock clock;

    Syllabi(SyllabusStore store, Media media, SchoolClock clock) {
        this.store = store;
        this.media = media;
        this.clock = clock;
    }

    /** Editions that a reader may use: the school's, their own, and those of the teachers of their classes. */
    public List<EditionInfo> editions(Person reader) {
        return store.editions(reader.id());
    }

    public EditionInfo requireInfo(Person reader, UUID editionId) {
        return editions(reader).stream()
                .filter(edition -> edition.id().equals(editionId))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("syllabus"));
    }

    /** A line of an edition that a reader may use. */
    public void requireLine(Person reader, UUID line) {
        Optional.ofNullable(store.editionsOf(List.of(line)).get(line))
                .filter(edition ->
                        editions(reader).stream().anyMatch(info -> info.id().equals(edition)))
                .orElseThrow(() -> Refusal.notFound("point"));
    }

    /** The whole tree of an edition that is known to be the reader's to use. */
    public Edition edition(UUID editionId) {
        return new Edition(store.nodes(editionId));
    }

    /** The tree of an edition with the points that a student added to it in a notebook. */
    public Edition edition(UUID editionId, UUID notebookId) {
        return new Edition(store.nodes(editionId, notebookId));
    }

    /** Makes an edition of a file for one person (or for the whole school when there is none); all of it or nothing. */
    @Transactional
    public EditionInfo read(Optional<Person> addedBy, String code, String title, SyllabusFile file) {
        requireNamed(code, title);
        var nodes = accepted(file.read(clock::newId), "file");
        var info = made(addedBy, code.strip(), title.strip(), false);
        store.insert(info, nodes);
        return info;
    }

    /** Makes a blank edition for a notebook that has no syllabus yet. */
    @Transactional
    public EditionInfo blank(Person owner) {
        var info = made(Optional.of(owner), "–", "No syllabus yet", true);
        store.insert(info, List.of());
        return info;
    }

    private EditionInfo made(Optional<Person> addedBy, String code, String title, boolean isBlank) {
        return new EditionInfo(
                clock.newId(), code, title, 1, clock.now(), addedBy.map(Person::id), Optional.empty(), isBlank);
    }

    /** An edition as somebody wants it, made from one of its versions. */
    record Change(int baseVersion, String code, String title, List<SyllabusRow> rows) {}

    /** Changes an edition in place; its lines keep their ids, so that what is notched to them stays. */
    @Transactional
    EditionInfo change(Person reader, UUID id, Change wish) {
        var info = requireKept(reader, id);
        if (info.version() != wish.baseVersion()) {
            throw Refusal.notNow("This syllabus was changed in another place. Load the page again, then change it.");
        }
        requireNamed(wish.code(), wish.title());
        var before = edition(id);
        var rows = wish.rows().stream().map(row -> known(row, before)).toList();
        var nodes = accepted(SyllabusDraft.check(rows, clock::newId), "table");
        store.update(id, wish.code().strip(), wish.title().strip(), clock.now());
        store.put(id, before, nodes);
        removeMissing(before, nodes);
        return requireInfo(reader, id);
    }

    /** Keeps the official document of an edition as a file that its readers can open; none takes it away. */
    @Transactional
    void setDocument(Person reader, UUID id, Optional<UUID> mediaId) {
        requireKept(reader, id);
        mediaId.ifPresent(one -> media.requireOwned(reader, one));
        store.updateDocument(id, mediaId);
    }

    /** What lines of any edition are in this one: themselves, or what they became in it; others are left out. */
    public Map<UUID, UUID> meanings(Collection<UUID> lines, Edition edition) {
        var meanings = new HashMap<UUID, UUID>();
        lines.stream().filter(line -> edition.find(line).isPresent()).forEach(line -> meanings.put(line, line));
        var elsewhere = new HashSet<>(lines);
        elsewhere.removeAll(meanings.keySet());
        store.editionsOf(elsewhere).entrySet().stream()
                .collect(groupingBy(Map.Entry::getValue, mapping(Map.Entry::getKey, toSet())))
                .forEach((other, theirs) -> {
                    var carried = EditionComparison.of(edition(other), edition).carried();
                    carried.keySet().retainAll(theirs);
                    meanings.putAll(carried);
                });
        return meanings;
    }

    /** Adds a point that only one notebook has, or changes it; {@code inNotebook} is the edition with all its own points. */
    @Transactional
    public void putOwn(UUID editionId, UUID notebookId, Edition inNotebook, SyllabusNode point) {
        var isTopic = point.parent()
                .flatMap(inNotebook::find)
                .filter(parent -> !parent.isPoint())
                .isPresent();
        if (!isTopic) {
            throw Refusal.unfit("Choose the topic that the point stands under.");
        }
        if (inNotebook
                .nodes()
                .anyMatch(node -> node.code().equals(point.code()) && !node.id().equals(point.id()))) {
            throw Refusal.unfit("The code \"%s\" is taken. Give the point a code of its own.".formatted(point.code()));
        }
        store.putOwn(editionId, notebookId, point);
    }

    /** Takes out a point that is known to be the notebook's own. */
    @Transactional
    public void deleteOwn(UUID point) {
        if (!store.delete(point)) {
            throw Refusal.notNow("Work is notched to this point. Take those notches off first, then the point.");
        }
    }

    /** Takes the own points of a notebook along: each goes under what its topic became. */
    public void moveOwn(UUID notebookId, UUID toEdition, Map<UUID, UUID> lines) {
        store.moveOwn(notebookId, toEdition, lines);
    }

    private EditionInfo requireKept(Person reader, UUID id) {
        var info = requireInfo(reader, id);
        if (!info.isKeptBy(reader)) {
            throw Refusal.notFound("syllabus");
        }
        return info;
    }

    private static void requireNamed(String code, String title) {
        if (code.isBlank()
                || title.isBlank()
                || code.strip().length() > LONGEST_CODE
                || title.strip().length() > LONGEST_TITLE) {
            throw Refusal.unfit("Give the syllabus a code of up to 40 characters and a title of up to 200.");
        }
    }

    private static SyllabusRow known(SyllabusRow row, Edition before) {
        return row.id()
                .map(id -> before.find(id).orElseThrow(() -> Refusal.notFound("line of the syllabus")))
                .map(node -> row.named(node.identifier().orElse("")))
                .orElse(row);
    }

    private static List<SyllabusNode> accepted(SyllabusDraft.Result result, String what) {
        if (!result.isAccepted()) {
            throw Refusal.toMend(what, result.breaches());
        }
        return result.nodes();
    }

    private void removeMissing(Edition before, List<SyllabusNode> nodes) {
        var kept = nodes.stream().map(SyllabusNode::id).collect(toSet());
        var gone = before.nodes().filter(node -> !kept.contains(node.id())).toList();
        // What is taken out may stand under something that is taken out too.
        for (var node : gone.reversed()) {
            if (!store.delete(node.id())) {
                throw Refusal.notNow(
                        "Work or a plan is keyed to \"%s\", so it can't be taken out. Leave it, and give it the exam years that it counted in."
                                .formatted(node.code()));
            }
        }
    }
}
