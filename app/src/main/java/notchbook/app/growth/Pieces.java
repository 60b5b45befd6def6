package notchbook.app.growth;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.toSet;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.Ends;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.find.FoundEntries;
import notchbook.app.mark.Marks;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.coverage.Evidence;
import notchbook.core.mark.Gathering;
import notchbook.core.mark.MarkKind;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Needle;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/** Finds the pieces of a choice, in order of time. */
@Component
class Pieces {
    private final Notebooks notebooks;
    private final NotebookEntries entries;
    private final Syllabi syllabi;
    private final FoundEntries found;
    private final Marks marks;

    Pieces(Notebooks notebooks, NotebookEntries entries, Syllabi syllabi, FoundEntries found, Marks marks) {
        this.notebooks = notebooks;
        this.entries = entries;
        this.syllabi = syllabi;
        this.found = found;
        this.marks = marks;
    }

    /** The notebooks that a choice reaches. */
    List<Notebook> notebooks(Person reader, Choice choice) {
        reader.requireStudent();
        if (choice.node().isPresent() && choice.notebook().isEmpty()) {
            throw Refusal.unfit("Choose a notebook first: a topic is one of its syllabus.");
        }
        return choice.notebook()
                .map(id -> List.of(notebooks.require(reader, id)))
                .orElseGet(() -> notebooks.of(reader));
    }

    Ordered of(Person reader, Choice choice) {
        var within = notebooks(reader, choice);
        var only = narrowed(reader, choice);
        var kinds = choice.kind().stream().collect(toSet());
        if (choice.node().isPresent()) {
            return Ordered.of(notched(within.getFirst(), choice.node().get(), kinds)
                    .filter(id -> only.stream().allMatch(some -> some.contains(id)))
                    .toList());
        }
        return only.isEmpty() ? all(ids(within), kinds) : Ordered.of(among(ids(within), kinds, only));
    }

    /** More than fits in the memory of a request may be there, so the database counts, and only once somebody asks. */
    private Ordered all(List<UUID> within, Set<EvidenceKind> kinds) {
        var ends = SingletonSupplier.of(() -> entries.ends(within, kinds));
        return new Ordered() {
            @Override
            public int count() {
                return ends.obtain().map(Ends::count).orElse(0);
            }

            @Override
            public List<UUID> some(int from, int most) {
                return entries.inOrder(within, kinds, from, most);
            }

            @Override
            public UUID at(int place) {
                var known = ends.obtain().orElseThrow();
                if (place == 0) {
                    return known.first();
                }
                return place == known.count() - 1 ? known.last() : Ordered.super.at(place);
            }
        };
    }

    private Stream<UUID> notched(Notebook notebook, UUID node, Set<EvidenceKind> kinds) {
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var needle =
                Needle.of(edition, Set.of(node), new Needle.Wish(false, kinds, Optional.empty(), Optional.empty()));
        return entries.evidence(notebook, edition.linesUnder(node)).stream()
                .filter(one -> needle.lifts(one.notches(), one.kind(), one.day()))
                // Ids are in order of time, so they order what was made on one day.
                .sorted(comparing(Evidence::day)
                        .thenComparing(one -> one.entry().toString()))
                .map(Evidence::entry);
    }

    /** What was found by words, marks or names, in order of time. */
    private List<UUID> among(List<UUID> within, Set<EvidenceKind> kinds, List<Set<UUID>> only) {
        var named = only.getFirst().stream()
                .filter(id -> only.stream().allMatch(some -> some.contains(id)))
                .toList();
        return entries.among(within, named).stream()
                .filter(entry -> !entry.isEmpty())
                .filter(entry -> kinds.isEmpty() || kinds.contains(entry.kind().evidence()))
                .sorted(comparing(Entry::madeAt)
                        .thenComparing(entry -> entry.id().toString()))
                .map(Entry::id)
                .toList();
    }

    private static List<UUID> ids(List<Notebook> notebooks) {
        return notebooks.stream().map(Notebook::id).toList();
    }

    private List<Set<UUID>> narrowed(Person reader, Choice choice) {
        return Stream.of(
                        choice.words().filter(words -> !words.isBlank()).map(words -> found.holding(reader, words)),
                        choice.mark().map(mark -> marked(reader, choice, mark)),
                        choice.entries().filter(ids -> !ids.isEmpty()).<Set<UUID>>map(HashSet::new))
                .flatMap(Optional::stream)
                .toList();
    }

    private Set<UUID> marked(Person reader, Choice choice, UUID mark) {
        var wish = new Gathering.Wish(
                Optional.of(MarkKind.OWN), Optional.of(mark), Optional.empty(), Optional.empty(), Optional.empty());
        return marks.gathered(reader, choice.notebook(), wish).stream()
                .map(one -> one.where().on())
                .collect(toSet());
    }

    /** Live entries of these notebooks, in the order in which they are named. */
    List<Entry> named(List<Notebook> within, List<UUID> ids) {
        var live = entries.among(ids(within), ids);
        return ids.stream()
                .flatMap(id -> live.stream().filter(entry -> entry.id().equals(id)))
                .toList();
    }
}
