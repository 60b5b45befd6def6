package notchbook.app.noticeboard;

import java.util.Optional;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.media.Media;
import notchbook.app.media.MediaView;
import notchbook.app.noticeboard.NoticeboardViews.CommentView;
import notchbook.app.noticeboard.NoticeboardViews.MayView;
import notchbook.app.noticeboard.NoticeboardViews.PieceLine;
import notchbook.app.noticeboard.NoticeboardViews.PieceSourceView;
import notchbook.app.noticeboard.NoticeboardViews.PieceView;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.core.noticeboard.Comment;
import notchbook.core.noticeboard.Viewer;
import org.springframework.stereotype.Component;

/** Turns pieces into what their readers are sent. */
@Component
class NoticeboardMapper {
    private final Noticeboard board;
    private final Comments comments;
    private final Viewers viewers;
    private final People people;
    private final Media media;
    private final SchoolYears years;
    private final SchoolClock clock;

    NoticeboardMapper(
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

    PieceView view(Person reader, BoardPiece one) {
        var viewer = viewers.of(reader, one.piece());
        return new PieceView(
                line(reader, one),
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

    PieceLine line(Person reader, BoardPiece one) {
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
}
