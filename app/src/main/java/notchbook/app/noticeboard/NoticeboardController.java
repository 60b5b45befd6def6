package notchbook.app.noticeboard;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.EntryKind;
import notchbook.app.handin.SealedViews.SealedPageView;
import notchbook.app.media.Media;
import notchbook.app.media.MediaView;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.noticeboard.Audience;
import notchbook.core.noticeboard.Comment;
import notchbook.core.noticeboard.Standing;
import notchbook.core.noticeboard.Viewer;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NoticeboardController {
    private final Noticeboard board;
    private final Comments comments;
    private final Viewers viewers;
    private final People people;
    private final Media media;
    private final SchoolYears years;
    private final SchoolClock clock;

    NoticeboardController(
            Noticeboard board,
            Comments comments,
            Viewers viewers,
            People people,
            Media media,
            SchoolYears years,
            SchoolClock clock) {
        this.board = board;
        this.comments = comments;
        this.viewers = viewers;
        this.people = people;
        this.media = media;
        this.years = years;
        this.clock = clock;
    }

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
    record PieceView(
            PieceLine line,
            UUID classId,
            String className,
            List<SealedPageView> pages,
            List<CommentView> comments,
            MayView may) {}

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

    record ShowBody(UUID classId, PieceSourceView source, Audience audience, String words) {}

    record StandingBody(Standing standing, String words) {}

    record CommentBody(String words, Optional<UUID> soundId, Optional<UUID> answerTo) {}

    record HiddenBody(boolean isHidden) {}

    record ClosedBody(boolean isClosed) {}

    record FirstBody(boolean teacherSeesFirst) {}

    @GetMapping("/api/classes/{id}/noticeboard")
    BoardView board(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return new BoardView(
                people.requireClass(reader, id).name(),
                board.teacherSeesFirst(id),
                board.of(reader, id).stream().map(one -> line(reader, one)).toList());
    }

    @PutMapping("/api/classes/{id}/noticeboard")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rule(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody FirstBody body) {
        board.letTeacherSeeFirst(reader, id, body.teacherSeesFirst());
    }

    @GetMapping("/api/noticeboard/{id}")
    PieceView piece(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var one = board.require(reader, id);
        var viewer = viewers.of(reader, one.piece());
        return new PieceView(
                line(reader, one),
                one.piece().classId(),
                people.classesOf(reader).stream()
                        .filter(found -> found.id().equals(one.piece().classId()))
                        .map(found -> found.name())
                        .findFirst()
                        .orElse(""),
                board.pages(one),
                comments.on(reader, one).stream()
                        .map(said -> comment(reader, said))
                        .toList(),
                new MayView(
                        one.piece().isOpenTo(viewer),
                        viewer == Viewer.TEACHER,
                        Comment.canBeHiddenBy(viewer),
                        Comment.canBeClosedBy(viewer)));
    }

    private PieceLine line(Person reader, BoardPiece one) {
        var piece = one.piece();
        var day = clock.dayOf(one.shownAt());
        return new PieceLine(
                piece.id(),
                one.title(),
                people.nameOf(piece.ownerId()),
                piece.ownerId().equals(reader.id()),
                piece.audience(),
                piece.standing(),
                one.words(),
                one.teacherWords(),
                one.topics(),
                one.kind(),
                one.picture(),
                one.firstWords(),
                day,
                years.teachingWeekOf(day),
                Optional.of(one.source())
                        .filter(own -> piece.ownerId().equals(reader.id()))
                        .map(PieceSourceView::of));
    }

    private CommentView comment(Person reader, Said said) {
        var comment = said.comment();
        return new CommentView(
                comment.id(),
                people.nameOf(comment.authorId()),
                comment.isBy(reader.id()),
                comment.words(),
                comment.soundId().flatMap(media::find).map(MediaView::of),
                comment.answerTo(),
                said.at(),
                comment.isHidden(),
                comment.isClosed());
    }

    @PutMapping("/api/noticeboard/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void show(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody ShowBody body) {
        board.show(
                reader,
                new Noticeboard.Wish(id, body.classId(), body.source().source(), body.audience(), body.words()));
    }

    @PutMapping("/api/noticeboard/{id}/standing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void move(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody StandingBody body) {
        board.move(reader, id, body.standing(), body.words());
    }

    @PutMapping("/api/noticeboard/{id}/comments/{comment}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void say(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID comment,
            @RequestBody CommentBody body) {
        comments.say(reader, id, comment, body.words(), body.soundId(), body.answerTo());
    }

    @DeleteMapping("/api/noticeboard/{id}/comments/{comment}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID comment) {
        comments.takeBack(reader, id, comment);
    }

    @PutMapping("/api/noticeboard/{id}/comments/{comment}/hidden")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void hide(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID comment,
            @RequestBody HiddenBody body) {
        comments.hide(reader, id, comment, body.isHidden());
    }

    @PutMapping("/api/noticeboard/{id}/comments/{comment}/closed")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID comment,
            @RequestBody ClosedBody body) {
        comments.close(reader, id, comment, body.isClosed());
    }
}
