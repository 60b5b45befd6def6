package notchbook.core.handin;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Gap;
import notchbook.core.setwork.Asked;
import notchbook.core.voice.Audibility;

/** What a student is about to hand in, as the checks see it, with what was asked for. */
public record Work(
        Scope scope,
        Asked asked,
        List<AskedPoint> points,
        List<PageWork> pages,
        List<ReflectionWork> reflections,
        Remarked remarks,
        List<Unanswered> questions,
        List<ClosedLink> closedLinks,
        List<Unheard> unheard,
        List<Unfit> pictures,
        Sources sources,
        List<Lack> lacks,
        List<Fit.Part> parts) {

    public record AskedPoint(UUID id, String code, String statement) {}

    /** A page with where it is not yet what its pattern asks for. */
    public record PageWork(UUID id, String title, LocalDate day, List<EntryWork> entries, List<Gap> gaps) {}

    /** An entry by the name that the student knows it by, with its typed words; {@code notches} are points and topics. */
    public record EntryWork(UUID id, String name, EvidenceKind kind, int words, boolean isEmpty, Set<UUID> notches) {}

    /** A week's sheet that looks back on work of this section. */
    public record ReflectionWork(int week, List<Answer> answers) {}

    /** What a sheet says to one of its questions, and what it lacks of what that asks for. */
    public record Answer(String question, Optional<String> lack) {}

    /** Something that a book still lacks, with its page there. */
    public record Lack(UUID page, String words) {}

    /** An open question that nothing answers yet. */
    public record Unanswered(UUID page, UUID entry, String words) {}

    /** A link to a page that could not be opened from outside without signing in. */
    public record ClosedLink(UUID page, UUID entry, String name) {}

    /** A recording on which nothing can be heard, or hardly anything. */
    public record Unheard(UUID page, UUID entry, String name, Audibility audibility) {}

    /** A picture that lies on its side, or whose words could not be read yet. */
    public record Unfit(UUID page, UUID entry, String name, Trouble trouble) {
        public enum Trouble {
            SIDEWAYS,
            UNREAD
        }
    }

    /** How many sources are named, and the entries that hold words of a source which is named nowhere. */
    public record Sources(int named, List<Nameless> nameless) {
        public static final Sources NONE = new Sources(0, List.of());
    }

    public record Nameless(UUID page, UUID entry, String name) {}

    /** How many remarks the last version came back with, and those of them to which nothing was done. */
    public record Remarked(int version, int count, List<OpenRemark> open) {
        public static final Remarked NOTHING = new Remarked(0, 0, List.of());
    }

    /**
     * A remark on the version before to which nothing was done, by its number there; {@code entry} and {@code page} are there
     * where it is about an entry.
     */
    public record OpenRemark(int number, String gist, Optional<UUID> page, Optional<UUID> entry) {}
}
