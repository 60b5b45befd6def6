package notchbook.app.page;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryView;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Pattern;

/** What screens are sent of a page. */
final class PageViews {
    private PageViews() {}

    /** A point with a slot on the edge of a page. */
    record SlotView(UUID id, String code, String statement, List<EvidenceKind> kinds) {}

    record PageView(
            UUID id,
            UUID sectionId,
            UUID notebookId,
            String section,
            String title,
            LocalDate day,
            Optional<Integer> week,
            Pattern pattern,
            Paper paper,
            List<SlotView> edge,
            List<EntryView> entries) {}
}
