package notchbook.app.notebook;

import static java.util.stream.Collectors.toMap;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.coverage.Evidence;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Gap;
import notchbook.core.notebook.Needle;
import notchbook.core.syllabus.ExamChoice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A student's notebooks and, for the other rooms, what is in them. */
@Service
public class Notebooks {
    /** Notebooks that one query reads; a year group takes several, and the database answers those beside each other. */
    private static final int AT_ONCE = 75;

    private final NotebookStore store;
    private final SectionStore sections;
    private final PageStore pages;
    private final EntryStore entries;
    private final Syllabi syllabi;
    private final People people;
    private final SchoolClock clock;

    Notebooks(
            NotebookStore store,
            SectionStore sections,
            PageStore pages,
            EntryStore entries,
            Syllabi syllabi,
            People people,
            SchoolClock clock) {
        this.store = store;
        this.sections = sections;
        this.pages = pages;
        this.entries = entries;
        this.syllabi = syllabi;
        this.people = people;
        this.clock = clock;
    }

    /** What a student chooses for a new notebook. */
    public record NewNotebook(
            UUID id,
            String title,
            UUID editionId,
            ExamChoice exam,
            Optional<LocalDate> examDay,
            Optional<UUID> classId) {}

    public List<Notebook> of(Person reader) {
        return store.ownedBy(reader.id());
    }

    /** A notebook of the reader's own; anyone else's does not exist for them. */
    public Notebook require(Person reader, UUID id) {
        return store.find(id)
                .filter(notebook -> notebook.ownerId().equals(reader.id()))
                .orElseThrow(() -> Refusal.notFound("notebook"));
    }

    /** Makes a notebook; making it again with the same id changes nothing. */
    @Transactional
    public Notebook make(Person reader, NewNotebook wish) {
        reader.requireStudent();
        syllabi.requireInfo(reader, wish.editionId());
        wish.classId().ifPresent(classId -> people.requireClass(reader, classId));
        if (store.find(wish.id()).isPresent()) {
            return require(reader, wish.id());
        }
        var notebook = new Notebook(
                wish.id(),
                reader.id(),
                wish.classId(),
                wish.editionId(),
                Titles.checked(wish.title()),
                wish.exam(),
                wish.examDay(),
                CoverColour.PETROL);
        store.insert(notebook, clock.now());
        return notebook;
    }

    @Transactional
    public Notebook change(Person reader, UUID id, String title, Optional<CoverColour> cover) {
        var notebook = require(reader, id);
        store.update(id, Titles.checked(title), cover.orElseGet(notebook::cover));
        return require(reader, id);
    }

    /** Sets the exam that a notebook is for; what counts follows at once. */
    @Transactional
    public Notebook sit(Person reader, UUID id, ExamChoice exam, Optional<LocalDate> examDay) {
        require(reader, id);
        store.updateExam(id, exam, examDay);
        return require(reader, id);
    }

    /** Ties a notebook to another edition, for the exam that it is to be worked towards there. */
    @Transactional
    public void move(Notebook notebook, UUID editionId, ExamChoice exam) {
        store.updateEdition(notebook.id(), editionId);
        store.updateExam(notebook.id(), exam, notebook.examDay());
    }

    /** The live sections of a notebook. */
    public List<Section> sections(Notebook notebook) {
        return sections.in(notebook.id());
    }

    /** The live pages of a notebook. */
    public List<Page> pages(Notebook notebook) {
        return pages.inNotebook(notebook.id());
    }

    /** The live entries of a notebook. */
    public List<Entry> entries(Notebook notebook) {
        return entries.inNotebook(notebook.id());
    }

    /** The live entries that fall out for these points or topics, in order of time. */
    List<Entry> needle(Notebook notebook, Set<UUID> nodes, Needle.Wish wish) {
        var needle = Needle.of(syllabi.edition(notebook.editionId(), notebook.id()), nodes, wish);
        return entries(notebook).stream()
                .filter(entry -> needle.lifts(entry.notches(), entry.kind().evidence(), clock.dayOf(entry.madeAt())))
                .sorted(Comparator.comparing(Entry::madeAt))
                .toList();
    }

    /** What the entries of a notebook are evidence for: all that are live, not empty and notched. */
    public List<Evidence> evidence(Notebook notebook) {
        return entries.notched(notebook.id()).stream()
                .map(entry ->
                        new Evidence(entry.id(), entry.kind().evidence(), clock.dayOf(entry.madeAt()), entry.notches()))
                .toList();
    }

    /** Of which kinds that evidence is for each line, in several notebooks at once: much less than the evidence itself. */
    public Map<UUID, Map<UUID, Set<EvidenceKind>>> kinds(List<UUID> notebookIds) {
        return IntStream.range(0, Math.ceilDiv(notebookIds.size(), AT_ONCE))
                .parallel()
                .mapToObj(
                        part -> notebookIds.subList(part * AT_ONCE, Math.min(notebookIds.size(), (part + 1) * AT_ONCE)))
                .flatMap(part -> entries.kinds(part).entrySet().stream())
                .collect(toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** What the patterns of pages ask for and is not there, such as a recording, in words by the page. */
    Map<UUID, List<String>> missing(List<Page> written) {
        var asking = written.stream()
                .filter(page -> page.pattern().zones().stream()
                        .anyMatch(zone -> !zone.kinds().isEmpty()))
                .toList();
        var contents = pages.kindsInZones(asking.stream().map(Page::id).toList());
        return asking.stream()
                .collect(toMap(
                        Page::id,
                        page -> Gap.ofKinds(page.pattern(), contents.getOrDefault(page.id(), List.of())).stream()
                                .map(gap -> "“%s” %s".formatted(gap.zone().title(), gap.words()))
                                .toList()));
    }

    /** The notebooks that students keep for a class. */
    public List<Notebook> ofClass(UUID classId) {
        return store.ofClass(classId);
    }
}
