package notchbook.app.notebook;

import static java.util.stream.Collectors.toSet;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.notebook.SectionPlace;
import notchbook.core.notebook.SectionTree;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sections of a notebook. */
@Service
public class Sections {
    private static final DateTimeFormatter FROM = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private final Notebooks notebooks;
    private final SectionStore store;
    private final Syllabi syllabi;
    private final SchoolYears years;
    private final SchoolClock clock;

    Sections(Notebooks notebooks, SectionStore store, Syllabi syllabi, SchoolYears years, SchoolClock clock) {
        this.years = years;
        this.notebooks = notebooks;
        this.store = store;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    /** A section of the reader's own. */
    public Section require(Person reader, UUID id) {
        var section = store.find(id).orElseThrow(() -> Refusal.notFound("section"));
        notebooks.require(reader, section.notebookId());
        return section;
    }

    boolean isOwn(Person reader, UUID id) {
        return store.find(id)
                .filter(section -> notebooks.isOwn(reader, section.notebookId()))
                .isPresent();
    }

    /** A section and those below it, in their order. */
    public List<Section> branch(Section section) {
        var all = store.in(section.notebookId());
        return tree(all).branch(section.id()).map(inside -> byId(all, inside)).toList();
    }

    /** Makes a section; making it again with the same id changes nothing. */
    @Transactional
    public Section make(
            Person reader, UUID notebookId, UUID id, Optional<UUID> parent, String title, Set<UUID> topics) {
        return make(reader, notebookId, id, parent, title, topics, Optional.empty());
    }

    private Section make(
            Person reader,
            UUID notebookId,
            UUID id,
            Optional<UUID> parent,
            String title,
            Set<UUID> topics,
            Optional<LocalDate> monday) {
        var notebook = notebooks.require(reader, notebookId);
        parent.map(above -> require(reader, above))
                .filter(above -> !above.notebookId().equals(notebookId))
                .ifPresent(elsewhere -> {
                    throw Refusal.notFound("section");
                });
        requireTopics(notebook, topics);
        var known = store.find(id);
        if (known.isPresent()) {
            return require(reader, id);
        }
        var position = tree(store.in(notebookId)).childrenOf(parent).size();
        var section =
                new Section(id, notebookId, parent, Titles.checked(title), position, topics, ExamYears.ALWAYS, monday);
        store.insert(section);
        return section;
    }

    private void requireTopics(Notebook notebook, Set<UUID> topics) {
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        if (!topics.stream().allMatch(topic -> edition.find(topic).isPresent())) {
            throw Refusal.notFound("topic");
        }
    }

    /** One section for each teaching week of this school year; those that stand already are left alone. */
    @Transactional
    public void makeForWeeks(Person reader, UUID notebookId) {
        notebooks.require(reader, notebookId);
        var known = store.in(notebookId).stream()
                .flatMap(section -> section.monday().stream())
                .collect(toSet());
        years.yearOf(clock.today()).weeks().stream()
                .filter(week -> week.number().isPresent() && !known.contains(week.monday()))
                .forEach(week -> make(
                        reader,
                        notebookId,
                        clock.newId(),
                        Optional.empty(),
                        "Week " + week.number().getAsInt() + ", " + FROM.format(week.monday()),
                        Set.of(),
                        Optional.of(week.monday())));
    }

    /** One section for each unit, with one below it for each of its topics; those that stand already are left alone. */
    @Transactional
    public void makeForUnits(Person reader, UUID notebookId) {
        var notebook = notebooks.require(reader, notebookId);
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var sectionOf = new HashMap<UUID, UUID>();
        store.in(notebookId).forEach(section -> section.topics().forEach(topic -> sectionOf.put(topic, section.id())));
        edition.nodes()
                .filter(node -> !node.isPoint())
                .forEach(node -> sectionOf.computeIfAbsent(node.id(), topic -> {
                    var parent = node.parent().map(sectionOf::get);
                    return make(reader, notebookId, clock.newId(), parent, node.title(), Set.of(topic))
                            .id();
                }));
    }

    /** Changes a section's title, and what it is about and which exam years need it where that is given. */
    @Transactional
    public Section change(
            Person reader, UUID id, String title, Optional<Set<UUID>> topics, Optional<ExamYears> neededBy) {
        var section = require(reader, id);
        topics.ifPresent(wished -> requireTopics(notebooks.require(reader, section.notebookId()), wished));
        var changed = new Section(
                id,
                section.notebookId(),
                section.parent(),
                Titles.checked(title),
                section.position(),
                topics.orElseGet(section::topics),
                neededBy.orElseGet(section::years),
                section.monday());
        store.update(changed);
        return changed;
    }

    /** Puts a section below another (or at the top), as its child number {@code position} from 0. */
    @Transactional
    public void move(Person reader, UUID id, Optional<UUID> parent, int position) {
        var section = require(reader, id);
        parent.ifPresent(above -> {
            if (!require(reader, above).notebookId().equals(section.notebookId())) {
                throw Refusal.unfit("A section can't move to another notebook.");
            }
        });
        var tree = tree(store.in(section.notebookId()));
        if (!tree.canMove(id, parent)) {
            throw Refusal.unfit("A section can't stand inside itself.");
        }
        store.place(tree.moved(id, parent, position).places());
    }

    /** Moves a section and what is below it to the bin; its pages go and come back with it. */
    @Transactional
    public void delete(Person reader, UUID id) {
        var section = require(reader, id);
        store.delete(id, tree(store.in(section.notebookId())).branch(id).toList(), clock.now());
    }

    /** The code of the topic that a section is about, when it is about one. */
    public static Optional<String> code(Section section, Edition edition) {
        return section.topics().stream()
                .findFirst()
                .filter(only -> section.topics().size() == 1)
                .flatMap(edition::find)
                .map(SyllabusNode::code);
    }

    private static SectionTree tree(List<Section> sections) {
        return new SectionTree(sections.stream()
                .map(section -> new SectionPlace(section.id(), section.parent(), section.position()))
                .toList());
    }

    private static Section byId(List<Section> sections, UUID id) {
        return sections.stream()
                .filter(section -> section.id().equals(id))
                .findFirst()
                .orElseThrow();
    }
}
