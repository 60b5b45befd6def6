package notchbook.app.reading;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.Entries;
import notchbook.app.handin.Leavings;
import notchbook.app.people.Person;
import notchbook.app.view.ViewSheets;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.web.ReadingPage.Way;
import notchbook.formats.web.ReadingPage.Ways;
import org.springframework.stereotype.Component;

/** What links lead to, each as its owner has it now. */
@Component
class ReadThings {
    private static final String NOW = "as it is now";

    private final Leavings leavings;
    private final Entries entries;
    private final ViewSheets views;

    ReadThings(Leavings leavings, Entries entries, ViewSheets views) {
        this.leavings = leavings;
        this.entries = entries;
        this.views = views;
    }

    /**
     * One thing of its owner's, and nothing around it: the sheets that look back on it go along only where they were sealed with it.
     * Anyone else's does not exist for them.
     */
    Read of(Person owner, ReadKind kind, UUID id, Looking looking) {
        if (kind != ReadKind.COLLECTION) {
            return new Read(sheet(owner, kind, id), Optional.empty());
        }
        var ways = views.columns(owner, id).stream()
                .map(column -> new Way(column.by().detail(), column.name()))
                .toList();
        return new Read(
                looking.isAsItIs() ? sheet(owner, kind, id) : views.of(owner, id, looking.look()),
                Optional.of(new Ways(ways, looking.words(), looking.sort(), looking.isFalling(), looking.by())));
    }

    SectionSheet sheet(Person owner, ReadKind kind, UUID id) {
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
