package notchbook.app.reading;

import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.handin.Copies;
import notchbook.app.people.Person;
import notchbook.formats.sheet.SectionSheet;
import org.springframework.stereotype.Component;

/** What links lead to, each as its owner has it now. */
@Component
class ReadThings {
    private static final String NOW = "as it is now";

    private final Copies copies;
    private final Entries entries;

    ReadThings(Copies copies, Entries entries) {
        this.copies = copies;
        this.entries = entries;
    }

    /**
     * One thing of its owner's, and nothing around it: the sheets that look back on it go along only where they were sealed with it.
     * Anyone else's does not exist for them.
     */
    SectionSheet of(Person owner, ReadKind kind, UUID id) {
        return switch (kind) {
            case VERSION -> copies.ofVersion(owner, id, "").sheet();
            case SECTION -> copies.ofSection(owner, id, "").sheet().pagesOnly(NOW);
            case PAGE -> copies.ofPage(owner, id, "").sheet().pagesOnly(NOW);
            case ENTRY -> entry(owner, id);
        };
    }

    private SectionSheet entry(Person owner, UUID id) {
        var entry = entries.require(owner, id);
        var page = copies.ofPage(owner, entry.place().pageId(), "").sheet();
        return page.pagesOnly(NOW).only(id, entry.name());
    }
}
