package notchbook.core.handin;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.reflection.WordRange;

/** What a student is about to hand in, as the checks see it: a section's points, pages, reflections and open remarks. */
public record SectionWork(
        List<AskedPoint> points,
        List<PageWork> pages,
        List<ReflectionWork> reflections,
        List<OpenRemark> remarks,
        long bytes) {

    public record AskedPoint(UUID id, String code, String statement) {}

    public record PageWork(UUID id, String title, List<EntryWork> entries) {}

    /** An entry by the name that the student knows it by; {@code notches} are points and topics. */
    public record EntryWork(UUID id, String name, EvidenceKind kind, boolean isEmpty, Set<UUID> notches) {}

    /** A week's sheet that looks back on work of this section. */
    public record ReflectionWork(int week, List<Answer> answers) {}

    public record Answer(int words, WordRange range) {}

    /** A remark on the version before, by its number there; {@code entry} and {@code page} are there while the entry lives. */
    public record OpenRemark(int number, Optional<UUID> page, Optional<UUID> entry) {}
}
