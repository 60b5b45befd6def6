package notchbook.app.noticeboard;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.app.handin.SealedViews.SealedPageView;
import notchbook.app.media.MediaView;
import notchbook.app.platform.Refusal;
import notchbook.core.noticeboard.Audience;
import notchbook.core.noticeboard.Standing;

/** Noticeboards, as screens are sent them. */
final class NoticeboardViews {
    private NoticeboardViews() {}

    /** A piece on the board: whose it is and what they say along with it, where it stands, what it is about, and by what it is known again; its student is told what it is of. */
    record PieceLine(
            UUID id,
            String title,
            String by,
            boolean isMine,
            Audience audience,
            Standing standing,
            String words,
            String teacherWords,
            List<String> topics,
            EntryKind kind,
            Optional<UUID> pictureId,
            String firstWords,
            LocalDate day,
            Optional<Integer> week,
            Optional<PieceSourceView> source) {}

    record BoardView(String className, boolean teacherSeesFirst, List<PieceLine> pieces) {}

    /** Something said about a piece; {@code sound} is how it was spoken. */
    record CommentView(
            UUID id,
            String by,
            boolean isMine,
            String words,
            Optional<MediaView> sound,
            Optional<UUID> answerTo,
            Instant at,
            boolean isHidden,
            boolean isClosed) {}

    /** A piece as it was when it was shown, with what is said about it; {@code may} tells what its reader can do with that. */
    record PieceView(PieceLine line, List<SealedPageView> pages, List<CommentView> comments, MayView may) {}

    record MayView(boolean say, boolean decide, boolean hide, boolean close) {}

    /** What of their own a student shows: one of these. */
    record PieceSourceView(Optional<UUID> entryId, Optional<UUID> pageId, Optional<UUID> collectionId) {
        static PieceSourceView of(PieceSource source) {
            return new PieceSourceView(
                    source instanceof PieceSource.OfEntry(var id) ? Optional.of(id) : Optional.empty(),
                    source instanceof PieceSource.OfPage(var id) ? Optional.of(id) : Optional.empty(),
                    source instanceof PieceSource.OfCollection(var id) ? Optional.of(id) : Optional.empty());
        }

        PieceSource source() {
            return entryId.<PieceSource>map(PieceSource.OfEntry::new)
                    .or(() -> pageId.map(PieceSource.OfPage::new))
                    .or(() -> collectionId.map(PieceSource.OfCollection::new))
                    .orElseThrow(() -> Refusal.unfit("Choose what to show: an entry, a page, or a collection."));
        }
    }
}
