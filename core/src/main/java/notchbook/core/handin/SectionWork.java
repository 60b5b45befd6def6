package notchbook.core.handin;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Gap;
import notchbook.core.text.WordRange;
import notchbook.core.voice.Audibility;

/** What a student is about to hand in, as the checks see it: a section's points, pages, reflections and open remarks. */
public record SectionWork(
        List<AskedPoint> points,
        List<PageWork> pages,
        List<ReflectionWork> reflections,
        List<OpenRemark> remarks,
        List<Unanswered> questions,
        List<ClosedLink> closedLinks,
        List<Unheard> unheard,
        long bytes) {

    public record AskedPoint(UUID id, String code, String statement) {}

    /** A page with where it is not yet what its pattern asks for. */
    public record PageWork(UUID id, String title, List<EntryWork> entries, List<Gap> gaps) {}

    /** An entry by the name that the student knows it by; {@code notches} are points and topics. */
    public record EntryWork(UUID id, String name, EvidenceKind kind, boolean isEmpty, Set<UUID> notches) {}

    /** A week's sheet that looks back on work of this section. */
    public record ReflectionWork(int week, List<Answer> answers) {}

    public record Answer(int words, WordRange range) {}

    /** An open question that nothing answers yet. */
    public record Unanswered(UUID page, UUID entry, String words) {}

    /** A link to a page that could not be opened from outside without signing in. */
    public record ClosedLink(UUID page, UUID entry, String name) {}

    /** A recording on which nothing can be heard, or hardly anything. */
    public record Unheard(UUID page, UUID entry, String name, Audibility audibility) {}

    /**
     * A remark on the version before to which nothing was done, by its number there; {@code entry} and {@code page} are there
     * where it is about an entry.
     */
    public record OpenRemark(int number, String gist, Optional<UUID> page, Optional<UUID> entry) {}
}
