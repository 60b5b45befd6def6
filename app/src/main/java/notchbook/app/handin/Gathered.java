package notchbook.app.handin;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.Entry;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Page;
import notchbook.app.reflection.LookBack;
import notchbook.app.reflection.Reflection;
import notchbook.core.handin.Scope;
import notchbook.core.handin.Work;

/**
 * What was picked, with all that is in it now: pages in the order in which they are read, sheets by their weeks, what looks back on
 * single pieces of it, and what a book still lacks.
 */
record Gathered(
        Scope scope,
        List<Notebook> notebooks,
        String title,
        Set<UUID> topics,
        List<Page> pages,
        Map<UUID, List<Entry>> entriesByPage,
        List<Reflection> reflections,
        List<LookBack> lookBacks,
        List<Work.Lack> lacks) {

    /** The notebook whose class it goes to. */
    Notebook notebook() {
        return notebooks.getFirst();
    }

    List<Entry> entriesOn(Page page) {
        return entriesByPage.getOrDefault(page.id(), List.of());
    }

    /** The entries of a page that lie in a notebook; the text of a book itself is none of them. */
    List<Entry> piecesOn(Page page) {
        return scope == Scope.BOOK
                ? entriesOn(page).stream()
                        .filter(entry -> !entry.place().pageId().equals(page.id()))
                        .toList()
                : entriesOn(page);
    }

    /** All of them, each once. */
    List<Entry> pieces() {
        return List.copyOf(pages.stream()
                .flatMap(page -> piecesOn(page).stream())
                .collect(toMap(Entry::id, identity(), (first, again) -> first, LinkedHashMap::new))
                .values());
    }
}
