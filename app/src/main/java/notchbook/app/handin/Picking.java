package notchbook.app.handin;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import notchbook.app.book.Binding;
import notchbook.app.book.Bound;
import notchbook.app.collection.CollectionBinding;
import notchbook.app.contents.Contents;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Section;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.reflection.LookBacks;
import notchbook.app.reflection.Reflection;
import notchbook.app.reflection.Reflections;
import notchbook.core.handin.Picked;
import notchbook.core.handin.Work;
import org.springframework.stereotype.Component;

/** Takes together what a student picked to hand in. */
@Component
class Picking {
    private static final int MOST_PAGES = 200;

    private final Contents contents;
    private final Notebooks notebooks;
    private final Sections sections;
    private final Pages pages;
    private final NotebookEntries entries;
    private final Reflections reflections;
    private final LookBacks lookBacks;
    private final SheetNames names;
    private final Binding binding;
    private final CollectionBinding collected;

    Picking(
            Contents contents,
            Notebooks notebooks,
            Sections sections,
            Pages pages,
            NotebookEntries entries,
            Reflections reflections,
            LookBacks lookBacks,
            SheetNames names,
            Binding binding,
            CollectionBinding collected) {
        this.binding = binding;
        this.collected = collected;
        this.contents = contents;
        this.notebooks = notebooks;
        this.sections = sections;
        this.pages = pages;
        this.entries = entries;
        this.reflections = reflections;
        this.lookBacks = lookBacks;
        this.names = names;
    }

    Gathered of(Person reader, Picked picked) {
        return switch (picked) {
            case Picked.OfSection(var section) -> section(reader, section);
            case Picked.OfPages(var ids) -> pages(reader, ids);
            case Picked.OfSheet sheet -> sheet(reader, sheet);
            case Picked.OfBook book -> book(reader, book);
            case Picked.OfCollection collection -> collection(reader, collection);
        };
    }

    private Gathered section(Person reader, UUID id) {
        var section = contents.of(reader, id);
        return new Gathered(
                new Picked.OfSection(id).scope(),
                List.of(section.notebook()),
                section.section().title(),
                section.topics(),
                section.pages(),
                section.entriesByPage(),
                lookingBackOn(section.notebook(), section.entries()),
                lookBacks.on(section.notebook(), section.entries()),
                List.of());
    }

    private Gathered pages(Person reader, List<UUID> ids) {
        if (ids.isEmpty() || ids.size() > MOST_PAGES) {
            throw Refusal.unfit("Choose 1 to 200 pages to hand in.");
        }
        var chosen = ids.stream().map(id -> pages.require(reader, id)).toList();
        var within = chosen.stream()
                .map(Page::sectionId)
                .distinct()
                .map(id -> sections.require(reader, id))
                .toList();
        if (within.stream().map(Section::notebookId).distinct().count() > 1) {
            throw Refusal.unfit("Pages of two notebooks can't go in one hand-in. Hand them in one after the other.");
        }
        var notebook = notebooks.require(reader, within.getFirst().notebookId());
        var byPage = entries.on(chosen);
        var work = byPage.values().stream().flatMap(List::stream).toList();
        var first = chosen.getFirst().title();
        return new Gathered(
                new Picked.OfPages(ids).scope(),
                List.of(notebook),
                chosen.size() == 1 ? first : first + " and " + (chosen.size() - 1) + " more",
                within.stream().flatMap(section -> section.topics().stream()).collect(toSet()),
                chosen,
                byPage,
                lookingBackOn(notebook, work),
                lookBacks.on(notebook, work),
                List.of());
    }

    /** A sheet with the pages that what is drawn into it lies on; of those, only that goes along. */
    private Gathered sheet(Person reader, Picked.OfSheet picked) {
        var notebook = notebooks.require(reader, picked.notebook());
        var sheet = reflections.of(notebook).stream()
                .filter(one -> one.monday().equals(picked.monday()) && one.isWritten())
                .findFirst()
                .orElseThrow(() -> Refusal.notNow("Nothing is written on this sheet yet."));
        var chosen = entries.in(notebook).stream()
                .filter(entry -> sheet.shown().contains(entry.id()))
                .collect(groupingBy(entry -> entry.place().pageId()));
        return new Gathered(
                picked.scope(),
                List.of(notebook),
                names.of(sheet),
                chosen.values().stream()
                        .flatMap(List::stream)
                        .flatMap(entry -> entry.notches().stream())
                        .collect(toSet()),
                notebooks.pages(notebook).stream()
                        .filter(page -> chosen.containsKey(page.id()))
                        .toList(),
                chosen,
                List.of(sheet),
                List.of(),
                List.of());
    }

    /** A book goes to the class of its first notebook that has one. */
    private Gathered book(Person reader, Picked.OfBook picked) {
        var bound = binding.bind(reader, picked.book());
        if (bound.notebooks().isEmpty()) {
            throw Refusal.notNow("This book has no page of a subject. Put one in, and hand it in then.");
        }
        return new Gathered(
                picked.scope(),
                bound.notebooks().stream()
                        .sorted(comparing(notebook -> notebook.classId().isEmpty()))
                        .toList(),
                bound.title(),
                Set.of(),
                bound.sheets().stream().map(Bound.Sheet::page).toList(),
                bound.sheets().stream().collect(toMap(sheet -> sheet.page().id(), Bound.Sheet::entries)),
                List.of(),
                List.of(),
                bound.lacks().stream()
                        .map(lack -> new Work.Lack(lack.page(), lack.words()))
                        .toList());
    }

    /** A collection goes to the class of the first notebook that it helps with. */
    private Gathered collection(Person reader, Picked.OfCollection picked) {
        var bound = collected.bind(reader, picked.collection());
        return new Gathered(
                picked.scope(),
                bound.notebooks(),
                bound.title(),
                bound.points(),
                bound.pages(),
                bound.entriesByPage(),
                List.of(),
                List.of(),
                List.of());
    }

    /** The written sheets that look back on some of this work, in the order of weeks. */
    private List<Reflection> lookingBackOn(Notebook notebook, Collection<Entry> work) {
        var inside = work.stream().map(Entry::id).collect(toSet());
        return reflections.of(notebook).reversed().stream()
                .filter(sheet -> sheet.pieces().stream().anyMatch(inside::contains))
                .toList();
    }
}
