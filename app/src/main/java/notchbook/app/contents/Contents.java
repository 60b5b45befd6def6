package notchbook.app.contents;

import static java.util.stream.Collectors.toMap;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.Entry;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Section;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.notebook.Gap;
import notchbook.core.notebook.Needle;
import org.springframework.stereotype.Service;

/** What notebooks and sections hold, taken together. */
@Service
public class Contents {
    private final Notebooks notebooks;
    private final Sections sections;
    private final Pages pages;
    private final NotebookEntries entries;
    private final Syllabi syllabi;
    private final SchoolClock clock;

    Contents(
            Notebooks notebooks,
            Sections sections,
            Pages pages,
            NotebookEntries entries,
            Syllabi syllabi,
            SchoolClock clock) {
        this.notebooks = notebooks;
        this.sections = sections;
        this.pages = pages;
        this.entries = entries;
        this.syllabi = syllabi;
        this.clock = clock;
    }

    /** A section of the reader's own with all that is in it. */
    public SectionContents of(Person reader, UUID sectionId) {
        var section = sections.require(reader, sectionId);
        var branch = sections.branch(section);
        var order = branch.stream().map(Section::id).toList();
        var found = pages.in(order).stream()
                .sorted(Comparator.comparing(page -> order.indexOf(page.sectionId())))
                .toList();
        return new SectionContents(
                notebooks.require(reader, section.notebookId()), section, branch, found, entries.on(found));
    }

    /** The live entries that fall out for these points or topics, in order of time. */
    List<Entry> needle(Notebook notebook, Set<UUID> nodes, Needle.Wish wish) {
        var needle = Needle.of(syllabi.edition(notebook.editionId(), notebook.id()), nodes, wish);
        return entries.in(notebook).stream()
                .filter(entry -> needle.lifts(entry.notches(), entry.kind().evidence(), clock.dayOf(entry.madeAt())))
                .sorted(Comparator.comparing(Entry::madeAt))
                .toList();
    }

    /** What the patterns of pages ask for and is not there, such as a recording, in words by the page. */
    Map<UUID, List<String>> missing(List<Page> written) {
        var asking = written.stream()
                .filter(page -> page.pattern().zones().stream()
                        .anyMatch(zone -> !zone.kinds().isEmpty()))
                .toList();
        var contents = entries.kindsInZones(asking);
        return asking.stream()
                .collect(toMap(
                        Page::id,
                        page -> Gap.ofKinds(page.pattern(), contents.getOrDefault(page.id(), List.of())).stream()
                                .map(gap -> "“%s” %s".formatted(gap.zone().title(), gap.words()))
                                .toList()));
    }
}
