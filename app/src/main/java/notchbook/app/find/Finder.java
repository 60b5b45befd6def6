package notchbook.app.find;

import static java.util.Comparator.comparing;
import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.Entry;
import notchbook.app.find.FindController.EntryHit;
import notchbook.app.find.FindController.FindView;
import notchbook.app.find.FindController.PersonHit;
import notchbook.app.find.FindController.PlaceHit;
import notchbook.app.find.FindController.PointHit;
import notchbook.app.handin.HandIns;
import notchbook.app.mark.OwnMarks;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Section;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.find.Excerpt;
import notchbook.core.find.Query;
import notchbook.core.syllabus.SyllabusNode;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks through what a reader may see: own entries, pages, sections, and the points of own syllabi. */
@Service
class Finder {
    /** As many as somebody looks through before typing another word. */
    private static final int MOST_ENTRIES = 30;

    private static final int MOST_PLACES = 8;

    /** What the index gives may lie in the bin, so more is asked for than is shown. */
    private static final int ASKED = 100;

    /** The index knows words and not their order: of entries with the words of a phrase, most lack the phrase. */
    private static final int ASKED_FOR_PHRASE = 400;

    private final Notebooks notebooks;
    private final Syllabi syllabi;
    private final FoundEntries found;
    private final OwnMarks ownMarks;
    private final Findable findable;
    private final People people;
    private final HandIns handIns;
    private final SchoolClock clock;

    Finder(
            Notebooks notebooks,
            Syllabi syllabi,
            FoundEntries found,
            OwnMarks ownMarks,
            Findable findable,
            People people,
            HandIns handIns,
            SchoolClock clock) {
        this.ownMarks = ownMarks;
        this.findable = findable;
        this.people = people;
        this.handIns = handIns;
        this.notebooks = notebooks;
        this.syllabi = syllabi;
        this.found = found;
        this.clock = clock;
    }

    /** The notebooks of a reader with the places in them, by id. */
    private record Shelf(
            List<Notebook> notebooks, Map<UUID, Notebook> byId, Map<UUID, Section> sections, Map<UUID, Page> pages) {
        Notebook notebookOf(Page page) {
            return byId.get(sections.get(page.sectionId()).notebookId());
        }
    }

    @Transactional(readOnly = true)
    FindView find(Person reader, String typed) {
        reader.requireStudent();
        var query = Query.parse(typed);
        if (query.isEmpty()) {
            return new FindView(List.of(), List.of(), List.of(), List.of());
        }
        var shelf = shelf(reader);
        return new FindView(
                points(shelf, query, typed),
                places(reader, shelf, query),
                entries(reader, shelf, query),
                Stream.concat(teachers(reader, query), said(reader, query)).toList());
    }

    private Shelf shelf(Person reader) {
        var all = notebooks.of(reader);
        return new Shelf(
                all,
                all.stream().collect(toMap(Notebook::id, identity())),
                all.stream().flatMap(one -> notebooks.sections(one).stream()).collect(toMap(Section::id, identity())),
                all.stream().flatMap(one -> notebooks.pages(one).stream()).collect(toMap(Page::id, identity())));
    }

    private List<PointHit> points(Shelf shelf, Query query, String typed) {
        var code = typed.strip().toLowerCase(Locale.ROOT);
        return shelf.notebooks().stream()
                .flatMap(notebook -> syllabi.edition(notebook.editionId(), notebook.id())
                        .nodes()
                        .filter(node -> !node.kind().equals(SyllabusNode.Kind.UNIT))
                        .filter(node ->
                                node.code().toLowerCase(Locale.ROOT).startsWith(code) || query.matches(node.title()))
                        .map(node ->
                                new PointHit(node.id(), notebook.id(), notebook.title(), node.code(), node.title())))
                .limit(MOST_PLACES)
                .toList();
    }

    private List<PlaceHit> places(Person reader, Shelf shelf, Query query) {
        var pages = shelf.pages().values().stream()
                .filter(page -> query.matches(page.title()))
                .sorted(comparing(Page::day).reversed())
                .map(page -> {
                    var notebook = shelf.notebookOf(page);
                    var section = shelf.sections().get(page.sectionId());
                    return new PlaceHit(
                            "/n/" + notebook.id() + "/p/" + page.id(),
                            page.title(),
                            notebook.title() + " · " + section.title());
                });
        var sections = shelf.sections().values().stream()
                .filter(section -> query.matches(section.title()))
                .sorted(comparing(Section::title))
                .map(section -> new PlaceHit(
                        "/n/" + section.notebookId() + "/s/" + section.id(),
                        section.title(),
                        shelf.byId().get(section.notebookId()).title()));
        var marks = ownMarks.of(reader).stream()
                .filter(mark -> query.matches(mark.name()))
                .map(mark -> new PlaceHit("/marks?kind=own-" + mark.id(), mark.name(), "A mark of your own"));
        return Stream.of(sections.limit(MOST_PLACES), pages.limit(MOST_PLACES), marks)
                .flatMap(found -> found)
                .toList();
    }

    private List<EntryHit> entries(Person reader, Shelf shelf, Query query) {
        var newest = found.of(reader, query, query.phrases().isEmpty() ? ASKED : ASKED_FOR_PHRASE).stream()
                .sorted(comparing(Entry::madeAt).reversed())
                .limit(MOST_ENTRIES)
                .toList();
        var texts = findable.of(reader.id(), newest);
        return newest.stream()
                .map(entry -> hit(shelf, entry, texts.get(entry.id()), query))
                .toList();
    }

    private Stream<PersonHit> teachers(Person reader, Query query) {
        return people.classesOf(reader).stream().flatMap(taught -> people.teachersOf(taught.id()).stream()
                .filter(teacher -> query.matches(teacher.fullName()))
                .map(teacher -> new PersonHit("/hand-ins", teacher.fullName(), List.of(), taught.name())));
    }

    private Stream<PersonHit> said(Person reader, Query query) {
        return handIns.saidTo(reader).stream()
                .filter(said -> query.matches(said.author() + " " + said.words()))
                .limit(MOST_PLACES)
                .map(said -> new PersonHit(
                        "/versions/" + said.handIn().id(),
                        said.author(),
                        Excerpt.of(said.words(), query).parts(),
                        said.handIn().title() + ", version " + said.handIn().version()));
    }

    private EntryHit hit(Shelf shelf, Entry entry, Findable.Text text, Query query) {
        var page = shelf.pages().get(entry.place().pageId());
        return new EntryHit(
                entry.id(),
                page.id(),
                shelf.notebookOf(page).id(),
                entry.kind(),
                entry.name(),
                excerpt(text, query).parts(),
                shelf.notebookOf(page).title() + " · " + page.title(),
                clock.dayOf(entry.madeAt()));
    }

    /** From what the student wrote or from the words that were brought in, where more of the query stands. */
    private static Excerpt excerpt(Findable.Text text, Query query) {
        var own = Excerpt.of(text.own(), query);
        var brought = Excerpt.of(text.brought(), query);
        return brought.matches() > own.matches() ? brought : own;
    }
}
