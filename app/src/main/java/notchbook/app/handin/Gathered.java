package notchbook.app.handin;

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

/**
 * What was picked, with all that is in it now: pages in the order in which they are read, sheets by their weeks, and what looks back
 * on single pieces of it.
 */
record Gathered(
        Scope scope,
        Notebook notebook,
        String title,
        Set<UUID> topics,
        List<Page> pages,
        Map<UUID, List<Entry>> entriesByPage,
        List<Reflection> reflections,
        List<LookBack> lookBacks) {

    List<Entry> entriesOn(Page page) {
        return entriesByPage.getOrDefault(page.id(), List.of());
    }

    List<Entry> entries() {
        return pages.stream().flatMap(page -> entriesOn(page).stream()).toList();
    }
}
