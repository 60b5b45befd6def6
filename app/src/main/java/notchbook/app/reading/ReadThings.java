package notchbook.app.reading;

import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.handin.Leavings;
import notchbook.app.people.Person;
import notchbook.formats.sheet.SectionSheet;
import org.springframework.stereotype.Component;

/** What links lead to, each as its owner has it now. */
@Component
class ReadThings {
    private static final String NOW = "as it is now";

    private final Leavings leavings;
    private final Entries entries;

    ReadThings(Leavings leavings, Entries entries) {
        this.leavings = leavings;
        this.entries = entries;
    }

    /**
     * One thing of its owner's, and nothing around it: the sheets that look back on it go along only where they were sealed with it.
     * Anyone else's does not exist for them.
     */
    SectionSheet of(Person owner, ReadKind kind, UUID id) {
        return switch (kind) {
            case VERSION -> leavings.ofVersion(owner, id, "").sheet();
            case SECTION -> leavings.ofSection(owner, id, "").sheet().pagesOnly(NOW);
            case PAGE -> leavings.ofPage(owner, id, "").sheet().pagesOnly(NOW);
            case ENTRY -> entry(owner, id);
            case COLLECTION -> leavings.ofCollection(owner, id, "").sheet().pagesOnly(NOW);
        };
    }

    private SectionSheet entry(Person owner, UUID id) {
        var entry = entries.require(owner, id);
        var page = leavings.ofPage(owner, entry.place().pageId(), "").sheet();
        return page.pagesOnly(NOW).only(id, entry.name());
    }
}
