package notchbook.app.notebook;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.syllabus.ExamChoice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A student's notebooks. */
@Service
public class Notebooks {
    private final NotebookStore store;
    private final SectionStore sections;
    private final PageStore pages;
    private final Syllabi syllabi;
    private final People people;
    private final SchoolClock clock;

    Notebooks(
            NotebookStore store,
            SectionStore sections,
            PageStore pages,
            Syllabi syllabi,
            People people,
            SchoolClock clock) {
        this.store = store;
        this.sections = sections;
        this.pages = pages;
        this.syllabi = syllabi;
        this.people = people;
        this.clock = clock;
    }

    /** What a student chooses for a new notebook; without an edition, its syllabus comes later. */
    public record NewNotebook(
            UUID id,
            String title,
            Optional<UUID> editionId,
            ExamChoice exam,
            Optional<LocalDate> examDay,
            Optional<UUID> classId) {}

    public List<Notebook> of(Person reader) {
        return store.ownedBy(reader.id());
    }

    /** Any notebook, for what goes on without a reader. */
    public Optional<Notebook> find(UUID id) {
        return store.find(id);
    }

    boolean isOwn(Person reader, UUID id) {
        return own(reader, id).isPresent();
    }

    private Optional<Notebook> own(Person reader, UUID id) {
        return store.find(id).filter(notebook -> notebook.ownerId().equals(reader.id()));
    }

    /** A notebook of the reader's own; anyone else's does not exist for them. */
    public Notebook require(Person reader, UUID id) {
        return own(reader, id).orElseThrow(() -> Refusal.notFound("notebook"));
    }

    /** Makes a notebook; making it again with the same id changes nothing. */
    @Transactional
    public Notebook make(Person reader, NewNotebook wish) {
        reader.requireStudent();
        wish.editionId().ifPresent(edition -> syllabi.requireInfo(reader, edition));
        wish.classId().ifPresent(classId -> people.requireClass(reader, classId));
        if (store.find(wish.id()).isPresent()) {
            return require(reader, wish.id());
        }
        var notebook = new Notebook(
                wish.id(),
                reader.id(),
                wish.classId(),
                wish.editionId().orElseGet(() -> syllabi.blank(reader).id()),
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

    /** The notebooks that students keep for a class. */
    public List<Notebook> ofClass(UUID classId) {
        return store.ofClass(classId);
    }
}
