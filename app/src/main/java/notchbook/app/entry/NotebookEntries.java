package notchbook.app.entry;

import static java.util.Comparator.comparing;
import static java.util.Comparator.naturalOrder;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import notchbook.app.entry.EntryStore.Made;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Page;
import notchbook.app.platform.SchoolClock;
import notchbook.core.coverage.Evidence;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.ZoneContent;
import org.springframework.stereotype.Service;

/** The live entries of whole notebooks and pages, whose reader has been asked who they are. */
@Service
public class NotebookEntries {
    /** Notebooks that one query reads; a year group takes several, and the database answers those beside each other. */
    private static final int AT_ONCE = 75;

    private final EntryStore store;
    private final SchoolClock clock;

    NotebookEntries(EntryStore store, SchoolClock clock) {
        this.store = store;
        this.clock = clock;
    }

    public List<Entry> in(Notebook notebook) {
        return store.inNotebook(notebook.id());
    }

    /** Those of these entries that are live in these notebooks; the rest is in the bin, gone, on its way, or another's. */
    public List<Entry> among(Collection<UUID> notebookIds, Collection<UUID> ids) {
        return store.among(notebookIds, ids);
    }

    public List<Entry> on(Page page) {
        return store.onPages(List.of(page.id()));
    }

    /** The entries of pages, by the page. */
    public Map<UUID, List<Entry>> on(Collection<Page> pages) {
        return store.onPages(pages.stream().map(Page::id).toList()).stream()
                .collect(groupingBy(entry -> entry.place().pageId()));
    }

    /** How many entries each page has; pages without any are not in it. */
    public Map<UUID, Integer> counts(Collection<Page> pages) {
        return store.counts(pages.stream().map(Page::id).toList());
    }

    /** What lies in the zones of pages, by kind and page; words are not counted. */
    public Map<UUID, List<ZoneContent>> kindsInZones(Collection<Page> pages) {
        return store.kindsInZones(pages.stream().map(Page::id).toList());
    }

    /** What the entries of a notebook are evidence for: all that are live, not empty and notched. */
    public List<Evidence> evidence(Notebook notebook) {
        return evidence(store.notched(notebook.id()));
    }

    /** The same for some lines of its syllabus alone. */
    public List<Evidence> evidence(Notebook notebook, Collection<UUID> lines) {
        return evidence(store.notched(notebook.id(), lines));
    }

    private List<Evidence> evidence(Collection<EntryStore.NotchedEntry> notched) {
        return notched.stream()
                .map(entry ->
                        new Evidence(entry.id(), entry.kind().evidence(), clock.dayOf(entry.madeAt()), entry.notches()))
                .toList();
    }

    /**
     * The ends of the live, non-empty entries of notebooks in order of time, if there are any; of some kinds of evidence, or of all where
     * none is named. All of them are passed over once, page by page: there may be a hundred thousand.
     */
    public Optional<Ends> ends(List<UUID> notebookIds, Set<EvidenceKind> kinds) {
        var wanted = entryKinds(kinds);
        var spans = besideEachOther(notebookIds, id -> store.spans(id, wanted));
        if (spans.isEmpty()) {
            return Optional.empty();
        }
        var first = spans.stream().map(PageSpan::first).min(naturalOrder()).orElseThrow();
        var last = spans.stream().map(PageSpan::last).max(naturalOrder()).orElseThrow();
        return Optional.of(new Ends(
                spans.stream().mapToInt(PageSpan::count).sum(),
                store.endOf(pages(spans, span -> span.first().equals(first)), wanted, false),
                store.endOf(pages(spans, span -> span.last().equals(last)), wanted, true)));
    }

    private static List<UUID> pages(List<PageSpan> spans, Predicate<PageSpan> which) {
        return spans.stream().filter(which).map(PageSpan::pageId).toList();
    }

    /** Some of them in order of time, from a place on that is counted from 0. Only what was made in the months around it is set in order. */
    public List<UUID> inOrder(List<UUID> notebookIds, Set<EvidenceKind> kinds, int from, int most) {
        var wanted = entryKinds(kinds);
        return Stretch.of(besideEachOther(notebookIds, id -> store.months(id, wanted)), from, most)
                .map(stretch -> besideEachOther(notebookIds, id -> store.made(id, wanted, stretch)).stream()
                        .sorted(comparing(Made::at)
                                .thenComparing(made -> made.id().toString()))
                        .skip(stretch.skipped())
                        .limit(most)
                        .map(Made::id)
                        .toList())
                .orElse(List.of());
    }

    /** Asks about several notebooks at once: the database has a core for each question. */
    private static <T> List<T> besideEachOther(List<UUID> notebookIds, Function<UUID, List<T>> question) {
        return notebookIds.parallelStream().map(question).flatMap(List::stream).toList();
    }

    private static List<EntryKind> entryKinds(Set<EvidenceKind> kinds) {
        return Arrays.stream(EntryKind.values())
                .filter(kind -> kinds.isEmpty() || kinds.contains(kind.evidence()))
                .toList();
    }

    /** Of which kinds that evidence is for each line, in several notebooks at once: much less than the evidence itself. */
    public Map<UUID, Map<UUID, Set<EvidenceKind>>> kinds(List<UUID> notebookIds) {
        return IntStream.range(0, Math.ceilDiv(notebookIds.size(), AT_ONCE))
                .parallel()
                .mapToObj(
                        part -> notebookIds.subList(part * AT_ONCE, Math.min(notebookIds.size(), (part + 1) * AT_ONCE)))
                .flatMap(part -> store.kinds(part).entrySet().stream())
                .collect(toMap(Map.Entry::getKey, Map.Entry::getValue));
    }
}
