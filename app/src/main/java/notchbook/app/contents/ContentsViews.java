package notchbook.app.contents;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.EntryView;
import notchbook.app.notebook.CoverColour;
import notchbook.core.syllabus.Tier;

/** What screens are sent of whole notebooks. */
final class ContentsViews {
    private ContentsViews() {}

    record NotebookView(
            UUID id,
            String title,
            UUID editionId,
            String edition,
            boolean hasSyllabus,
            Optional<UUID> classId,
            int examYear,
            Tier tier,
            Optional<LocalDate> examDay,
            CoverColour cover) {}

    /**
     * A section in the contents, with the code of its topic when it has one, how many pages it holds itself, and whether
     * the exam of this notebook needs it.
     */
    record SectionView(
            UUID id,
            Optional<UUID> parent,
            String title,
            Optional<String> code,
            int position,
            int pages,
            Set<UUID> topics,
            String examYears,
            boolean isNeeded,
            Optional<LocalDate> monday) {}

    /** A page in a list, with what its pattern asks for and it has not yet, such as a recording. */
    record PageLine(UUID id, UUID sectionId, String title, LocalDate day, int entries, List<String> missing) {}

    record ContentsView(NotebookView notebook, List<SectionView> sections, List<PageLine> pages) {}

    /** An entry that fell out of the stack, with the page that it lives on. */
    record FoundView(
            EntryView entry, String name, LocalDate day, Optional<Integer> week, String page, String section) {}
}
