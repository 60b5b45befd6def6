package notchbook.app.paper;

import static java.util.stream.Collectors.toMap;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.media.Media;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.coverage.PaperMark;
import notchbook.core.paper.PaperDone;
import notchbook.core.paper.PaperName;
import notchbook.core.paper.PaperRun;
import notchbook.core.paper.PastPaper;
import notchbook.core.syllabus.Edition;
import notchbook.formats.csv.CsvFile;
import notchbook.formats.paper.PaperCsv;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The past papers of notebooks: the list of them, and what was earned in those that are done. */
@Service
public class Papers {
    private static final int LONGEST_PAPER = 120;
    private static final int LONGEST_SITTING = 40;
    private static final int LONGEST_VARIANT = 20;

    private final PaperStore store;
    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final Media media;
    private final SchoolClock clock;

    Papers(PaperStore store, Notebooks notebooks, Syllabi syllabi, Media media, SchoolClock clock) {
        this.store = store;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.media = media;
        this.clock = clock;
    }

    /** What was earned on each topic in each paper, in order of days. */
    public List<PaperMark> marks(UUID notebookId) {
        return store.of(notebookId).stream()
                .flatMap(kept -> kept.paper().done().stream())
                .flatMap(done -> done.byTopic().stream())
                .sorted(Comparator.comparing(PaperMark::day))
                .toList();
    }

    /** How many past papers stand on a notebook's list, and how many of them are done. */
    public record Count(int done, int all) {}

    public Count count(UUID notebookId) {
        var all = store.of(notebookId);
        var done = all.stream().filter(kept -> kept.paper().done().isPresent()).count();
        return new Count((int) done, all.size());
    }

    List<KeptPaper> in(Person reader, UUID notebookId) {
        return store.of(notebooks.require(reader, notebookId).id());
    }

    Edition edition(Person reader, UUID notebookId) {
        return edition(notebooks.require(reader, notebookId));
    }

    /** The paper that is on a notebook's list under a name, else an id for a new one. */
    public UUID idOf(UUID notebookId, PaperName name) {
        return store.of(notebookId).stream()
                .map(KeptPaper::paper)
                .filter(paper -> paper.name().equals(name))
                .map(PastPaper::id)
                .findFirst()
                .orElseGet(clock::newId);
    }

    /** Puts a paper on the list, or changes it. */
    @Transactional
    public void keep(Person reader, UUID notebookId, PastPaper paper) {
        var files = in(reader, notebookId).stream()
                .filter(kept -> kept.paper().id().equals(paper.id()))
                .findFirst();
        keep(
                reader,
                notebookId,
                new KeptPaper(paper, files.flatMap(KeptPaper::paperFile), files.flatMap(KeptPaper::scriptFile)));
    }

    @Transactional
    void keep(Person reader, UUID notebookId, KeptPaper kept) {
        var notebook = notebooks.require(reader, notebookId);
        requireOwn(notebookId, kept.paper().id());
        requireShort(kept.paper().name());
        Stream.of(kept.paperFile(), kept.scriptFile())
                .flatMap(Optional::stream)
                .forEach(file -> media.requireOwned(reader, file));
        kept.paper().done().ifPresent(done -> requireTopics(done, edition(notebook)));
        store.put(notebookId, kept);
    }

    /** Puts the papers of a run of years on the list; those that are there stay as they are. */
    @Transactional
    public void setUp(Person reader, UUID notebookId, PaperRun run) {
        var known =
                in(reader, notebookId).stream().map(kept -> kept.paper().name()).toList();
        run.names().stream().filter(name -> !known.contains(name)).forEach(name -> {
            requireShort(name);
            store.put(notebookId, unfiled(new PastPaper(clock.newId(), name, Optional.empty())));
        });
    }

    @Transactional
    void delete(Person reader, UUID notebookId, UUID paperId) {
        notebooks.require(reader, notebookId);
        if (store.notebookOf(paperId).filter(notebookId::equals).isEmpty()) {
            throw Refusal.notFound("paper");
        }
        store.delete(paperId);
    }

    /** Reads papers from CSV; all of them or none. A paper that is on the list already gets what the file says. */
    @Transactional
    void read(Person reader, UUID notebookId, byte[] csv) {
        var notebook = notebooks.require(reader, notebookId);
        var read = PaperCsv.read(CsvFile.read(csv), edition(notebook));
        if (!read.breaches().isEmpty()) {
            throw Refusal.toMend("file", read.breaches());
        }
        var known = store.of(notebookId).stream()
                .collect(toMap(kept -> kept.paper().name(), kept -> kept, (first, again) -> first));
        read.papers().forEach((name, done) -> {
            requireShort(name);
            var there = Optional.ofNullable(known.get(name));
            var id = there.map(kept -> kept.paper().id()).orElseGet(clock::newId);
            var kept = done.or(() -> there.flatMap(one -> one.paper().done()));
            store.put(
                    notebookId,
                    new KeptPaper(
                            new PastPaper(id, name, kept),
                            there.flatMap(KeptPaper::paperFile),
                            there.flatMap(KeptPaper::scriptFile)));
        });
    }

    byte[] write(Person reader, UUID notebookId) {
        var notebook = notebooks.require(reader, notebookId);
        return PaperCsv.write(
                store.of(notebookId).stream().map(KeptPaper::paper).toList(), edition(notebook));
    }

    private Edition edition(Notebook notebook) {
        return syllabi.edition(notebook.editionId(), notebook.id());
    }

    private static KeptPaper unfiled(PastPaper paper) {
        return new KeptPaper(paper, Optional.empty(), Optional.empty());
    }

    private void requireOwn(UUID notebookId, UUID paperId) {
        if (store.notebookOf(paperId).filter(other -> !other.equals(notebookId)).isPresent()) {
            throw Refusal.notFound("paper");
        }
    }

    private static void requireTopics(PaperDone done, Edition edition) {
        var isUnknown = done.parts().stream().anyMatch(part -> edition.find(part.topic())
                .filter(node -> !node.isPoint())
                .isEmpty());
        if (isUnknown) {
            throw Refusal.notFound("topic");
        }
    }

    private static void requireShort(PaperName name) {
        var isLong = name.paper().length() > LONGEST_PAPER
                || name.sitting().length() > LONGEST_SITTING
                || name.variant().length() > LONGEST_VARIANT;
        if (isLong) {
            throw Refusal.unfit(
                    "Name the paper in up to 120 characters, the sitting in up to 40, the variant in up to 20.");
        }
    }
}
