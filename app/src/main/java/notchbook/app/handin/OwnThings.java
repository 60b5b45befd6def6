package notchbook.app.handin;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.mark.EntryMark;
import notchbook.app.mark.Marks;
import notchbook.app.mark.OwnMark;
import notchbook.app.mark.OwnMarks;
import notchbook.app.people.Person;
import notchbook.core.handin.GoesAlong;
import notchbook.core.mark.Mark;
import org.springframework.stereotype.Component;

/** What of a student's own goes along with entries, where it is wanted: marks, and what was typed before. */
@Component
class OwnThings {
    /** What tells how a text grew, and still is read. */
    private static final int MOST_EARLIER = 20;

    private final Marks marks;
    private final OwnMarks ownMarks;
    private final Entries entries;

    OwnThings(Marks marks, OwnMarks ownMarks, Entries entries) {
        this.marks = marks;
        this.ownMarks = ownMarks;
        this.entries = entries;
    }

    /** By the entry; those with nothing are left out. */
    Map<UUID, Sealed.Own> of(Person student, List<Entry> work, GoesAlong along) {
        var marksByEntry = along.marks() ? marked(student, work) : Map.<UUID, List<Sealed.OwnMark>>of();
        return work.stream()
                .map(entry -> Map.entry(
                        entry.id(),
                        new Sealed.Own(
                                marksByEntry.getOrDefault(entry.id(), List.of()),
                                along.earlier() ? earlier(student, entry) : List.of())))
                .filter(own -> !own.getValue().marks().isEmpty()
                        || !own.getValue().earlier().isEmpty())
                .collect(toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private Map<UUID, List<Sealed.OwnMark>> marked(Person student, List<Entry> work) {
        Map<UUID, Entry> byId = work.stream().collect(toMap(Entry::id, identity()));
        var names = ownMarks.of(student).stream().collect(toMap(OwnMark::id, OwnMark::name));
        return marks.on(work).stream()
                .collect(groupingBy(
                        EntryMark::entryId,
                        mapping(
                                placed -> new Sealed.OwnMark(
                                        name(placed.mark(), names),
                                        Marks.words(byId.get(placed.entryId()), placed.mark())),
                                toList())));
    }

    private static String name(Mark mark, Map<UUID, String> names) {
        return switch (mark) {
            case Mark.Key ignored -> "Key";
            case Mark.OpenQuestion ignored -> "Open question";
            case Mark.Task ignored -> "Task";
            case Mark.Own own -> Optional.ofNullable(names.get(own.kind())).orElse("Mark");
        };
    }

    private List<Sealed.Earlier> earlier(Person student, Entry entry) {
        return entry.kind() == EntryKind.TYPED
                ? entries.earlier(student, entry.id()).stream()
                        .limit(MOST_EARLIER)
                        .map(earlier -> new Sealed.Earlier(earlier.savedAt(), earlier.content()))
                        .toList()
                : List.of();
    }
}
