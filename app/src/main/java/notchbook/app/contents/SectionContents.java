package notchbook.app.contents;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.entry.Entry;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Section;

/** A section with the sections below it, its live pages in order and their entries. */
public record SectionContents(
        Notebook notebook,
        Section section,
        List<Section> branch,
        List<Page> pages,
        Map<UUID, List<Entry>> entriesByPage) {

    public List<Entry> entriesOn(Page page) {
        return entriesByPage.getOrDefault(page.id(), List.of());
    }

    public List<Entry> entries() {
        return pages.stream().flatMap(page -> entriesOn(page).stream()).toList();
    }

    /** The syllabus nodes that the branch is about. */
    public Set<UUID> topics() {
        return branch.stream().flatMap(section -> section.topics().stream()).collect(Collectors.toSet());
    }
}
