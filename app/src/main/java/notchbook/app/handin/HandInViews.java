package notchbook.app.handin;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryWidth;
import notchbook.app.media.MediaView;
import notchbook.app.remark.RemarkView;
import notchbook.core.handin.CheckLine;
import notchbook.core.handin.HandInState;
import notchbook.core.notebook.Pattern;
import tools.jackson.databind.JsonNode;

/** What the screens of handing in and checking are sent. */
final class HandInViews {
    private HandInViews() {}

    record SetWorkView(
            UUID id,
            UUID classId,
            String className,
            String title,
            String instructions,
            UUID topic,
            LocalDate due,
            String teacher) {}

    record VersionView(UUID id, int version, HandInState state, Instant sealedAt, int missing, int remarks) {}

    /** Set work with what a student has handed in for it, the latest version first. */
    record AskedView(SetWorkView setWork, Optional<UUID> sectionId, List<VersionView> versions) {}

    /** Where a line of the check is mended; which parts are there says what kind of place it is. */
    record PlaceView(
            Optional<UUID> page,
            Optional<UUID> entry,
            Optional<UUID> point,
            Optional<String> code,
            Optional<Integer> week) {
        static PlaceView of(CheckLine.Place place) {
            return switch (place) {
                case CheckLine.Nowhere ignored ->
                    new PlaceView(
                            Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
                case CheckLine.ToPage to ->
                    new PlaceView(
                            Optional.of(to.page()),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty());
                case CheckLine.ToEntry to ->
                    new PlaceView(
                            Optional.of(to.page()),
                            Optional.of(to.entry()),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty());
                case CheckLine.ToPoint to ->
                    new PlaceView(
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(to.point()),
                            Optional.of(to.code()),
                            Optional.empty());
                case CheckLine.ToReflection to ->
                    new PlaceView(
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(to.week()));
            };
        }
    }

    record LineView(CheckLine.Outcome outcome, String words, PlaceView mend) {}

    record ReadyView(
            UUID sectionId,
            UUID notebookId,
            String title,
            SetWorkView setWork,
            List<SetWorkView> choices,
            Optional<VersionView> last,
            int nextVersion,
            boolean canSeal,
            int missing,
            List<LineView> lines,
            int pages,
            int photos,
            int drawings,
            int recordings,
            long bytes) {}

    record SealedEntryView(
            UUID id,
            String zone,
            Optional<UUID> beside,
            EntryKind kind,
            @Schema(implementation = Object.class) JsonNode content,
            String caption,
            EntryWidth width,
            List<String> codes,
            Optional<MediaView> media,
            List<MediaView> pictures,
            Optional<SealedCardView> card) {}

    record SealedCardView(String title, String description, String site, Optional<UUID> pictureId) {}

    record SealedPageView(
            UUID id,
            String title,
            LocalDate day,
            Optional<Integer> week,
            Pattern pattern,
            List<SealedEntryView> entries) {}

    record AnswerView(String question, String text, int words) {}

    record SealedReflectionView(String title, List<AnswerView> answers, List<String> chosen) {}

    /** Whether the seal holds, the digest that stands for the version, the parts that no longer match, and the key that signed it. */
    record SealView(boolean holds, String digest, int parts, List<String> broken, Optional<String> fingerprint) {}

    record SealedView(
            UUID id,
            String title,
            String student,
            String notebook,
            SetWorkView setWork,
            UUID sectionId,
            int version,
            HandInState state,
            Instant sealedAt,
            int missing,
            SealView seal,
            List<SealedPageView> pages,
            List<SealedReflectionView> reflections,
            List<RemarkView> remarks,
            List<VersionView> versions) {}

    /** A student's line in the register: the latest version, or nothing yet. */
    record RegisterLine(UUID student, String name, Optional<VersionView> latest) {}

    record RegisterView(SetWorkView setWork, List<RegisterLine> students) {}

    /** Set work of a teacher's classes with how many of the class are in and how many wait to be read. */
    record SetWorkLine(SetWorkView setWork, int students, int in, int waiting) {}
}
