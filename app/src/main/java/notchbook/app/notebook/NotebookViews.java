package notchbook.app.notebook;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.link.LinkCardView;
import notchbook.app.media.MediaView;
import notchbook.core.notebook.Paper;
import notchbook.core.notebook.Pattern;
import notchbook.core.syllabus.Tier;
import tools.jackson.databind.JsonNode;

/** What the notebook's screens are sent. */
final class NotebookViews {
    private NotebookViews() {}

    record NotebookView(
            UUID id,
            String title,
            UUID editionId,
            String edition,
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

    /** A point with a slot on the edge of a page. */
    record SlotView(UUID id, String code, String statement) {}

    record EntryView(
            UUID id,
            UUID pageId,
            String zone,
            Optional<UUID> beside,
            EntryKind kind,
            @Schema(implementation = Object.class) JsonNode content,
            boolean isEmpty,
            Optional<MediaView> media,
            List<MediaView> pictures,
            Optional<LinkCardView> card,
            String caption,
            EntryWidth width,
            int version,
            Instant madeAt,
            Optional<UUID> copiedFrom,
            Set<UUID> notches) {}

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

    /** An entry that fell out of the stack, with the page that it lives on. */
    record FoundView(
            EntryView entry, String name, LocalDate day, Optional<Integer> week, String page, String section) {}
}
