package notchbook.app.handin;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.handin.SealedViews.SealedPageView;
import notchbook.app.media.MediaView;
import notchbook.app.remark.RemarkView;
import notchbook.app.setwork.SetWorkView;
import notchbook.core.handin.CheckLine;
import notchbook.core.handin.HandInState;
import notchbook.core.handin.Progress;
import notchbook.core.handin.Purpose;
import notchbook.core.setwork.Criteria;

/** What the screens of handing in and checking are sent. */
final class HandInViews {
    private HandInViews() {}

    /** Whom something is for: who teaches the class, and what they asked for, if they did. */
    record AddressedView(UUID classId, String className, String teacher, Optional<SetWorkView> setWork) {}

    /** A version; {@code word} is what its student says along with it, {@code spoken} whether they say it aloud. */
    record VersionView(
            UUID id,
            Purpose purpose,
            int version,
            HandInState state,
            Instant sealedAt,
            int missing,
            int remarks,
            String word,
            boolean spoken) {}

    /** Set work with what a student has handed in for it, the latest version first. */
    record AskedView(SetWorkView setWork, Optional<PickedView> picked, List<VersionView> versions) {}

    /** Work that was sent unasked, its latest version first. */
    record UnaskedView(String title, AddressedView to, PickedView picked, List<VersionView> versions) {}

    /** Where a line of the check is mended, {@code fit} by sending pictures and sounds smaller; which parts are there says what kind of place it is. */
    /** The place that mends a line: an entry or a page, a point by its code, a week's sheet, a page of the book, or sending less. */
    record PlaceView(
            Optional<UUID> page,
            Optional<UUID> entry,
            Optional<UUID> point,
            Optional<String> code,
            Optional<Integer> week,
            Optional<UUID> bookPage,
            boolean fit) {
        static PlaceView of(CheckLine.Place place) {
            return new PlaceView(
                    switch (place) {
                        case CheckLine.ToPage(var page) -> Optional.of(page);
                        case CheckLine.ToEntry(var page, var ignored) -> Optional.of(page);
                        default -> Optional.empty();
                    },
                    place instanceof CheckLine.ToEntry(var ignored, var entry) ? Optional.of(entry) : Optional.empty(),
                    place instanceof CheckLine.ToPoint(var point, var ignored) ? Optional.of(point) : Optional.empty(),
                    place instanceof CheckLine.ToPoint(var ignored, var code) ? Optional.of(code) : Optional.empty(),
                    place instanceof CheckLine.ToReflection(var week) ? Optional.of(week) : Optional.empty(),
                    place instanceof CheckLine.ToBookPage(var page) ? Optional.of(page) : Optional.empty(),
                    place instanceof CheckLine.MakeFit);
        }
    }

    record LineView(CheckLine.Outcome outcome, String words, PlaceView mend) {}

    record ReadyView(
            PickedView picked,
            UUID notebookId,
            String title,
            AddressedView to,
            List<SetWorkView> choices,
            List<PersonName> classmates,
            NextVersionView handIn,
            NextVersionView draft,
            int missing,
            List<LineView> lines,
            int pages,
            int photos,
            int drawings,
            int recordings,
            long bytes,
            long fittedBytes) {}

    /** What would come next for one purpose: the version before it, its own number, and whether it may be sent now. */
    record NextVersionView(Optional<VersionView> last, int version, boolean canSeal) {}

    record PersonName(UUID id, String name) {}

    /** Where a version or its student stands, as it is written into tables. */
    static String name(Enum<?> standing) {
        return standing.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** Work as its readers will see it. */
    record PreviewView(List<SealedPageView> pages, List<SealedReflectionView> reflections) {}

    /** An answer of a sheet, with the entries of the version that stand with it. */
    record AnswerView(String question, String text, int words, List<UUID> shown) {}

    record SealedReflectionView(String title, List<AnswerView> answers, List<String> chosen) {}

    /**
     * Whether the seal holds, the digest that stands for the version, the parts that no longer match, and the key that signed it,
     * which is another Notchbook's for what was brought along from there.
     */
    record SealView(
            boolean holds,
            String digest,
            int parts,
            List<String> broken,
            Optional<String> fingerprint,
            boolean isElsewhere) {}

    /** A version in full; {@code ownNotebook} is the notebook that it came from, where that is the reader's. */
    record SealedView(
            UUID id,
            String title,
            String student,
            String notebook,
            Optional<UUID> ownNotebook,
            AddressedView to,
            PickedView picked,
            Purpose purpose,
            int version,
            HandInState state,
            Instant sealedAt,
            int missing,
            String word,
            Optional<MediaView> wordSound,
            List<SealedPageView> pages,
            List<SealedReflectionView> reflections,
            List<RemarkView> remarks,
            List<LevelView> levels,
            Criteria.Figures figures,
            List<VersionView> versions) {}

    /** The level that was chosen for a criterion; both are counted from 0. */
    record LevelView(int criterion, int level) {}

    /**
     * A student's line in the register: the latest version, or nothing yet, and a draft that is later than it; {@code changed}
     * says that it was handed in again and is still to be read.
     */
    record RegisterLine(
            UUID student,
            String name,
            String title,
            Optional<VersionView> latest,
            Optional<VersionView> draft,
            boolean late,
            boolean changed,
            Progress progress,
            Criteria.Figures figures) {}

    record RegisterView(AddressedView to, List<RegisterLine> students) {}

    /** Set work of a teacher's classes with how many of the class are in and how many wait to be read. */
    record SetWorkLine(SetWorkView setWork, int students, int in, int waiting) {}

    /** Who is in and who is not, over all set work of a teacher's classes, the latest due first. */
    record OverviewView(List<SetWorkView> works, List<OverviewLine> students) {}

    /** {@code notAsked} is the work of the class that this student is not asked for. */
    record OverviewLine(UUID student, String name, UUID classId, List<OverviewCell> cells, List<UUID> notAsked) {}

    /** Where a student's latest version for one set work stands. */
    record OverviewCell(UUID setWork, UUID handIn, HandInState state, int version, boolean late) {}
}
