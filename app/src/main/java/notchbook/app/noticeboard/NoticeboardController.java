package notchbook.app.noticeboard;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.noticeboard.NoticeboardViews.BoardView;
import notchbook.app.noticeboard.NoticeboardViews.PieceSourceView;
import notchbook.app.noticeboard.NoticeboardViews.PieceView;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.core.noticeboard.Audience;
import notchbook.core.noticeboard.Standing;
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
    private final NoticeboardMapper mapper;
    private final People people;

    NoticeboardController(Noticeboard board, Comments comments, NoticeboardMapper mapper, People people) {
        this.board = board;
        this.comments = comments;
        this.mapper = mapper;
        this.people = people;
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
                board.of(reader, id).stream()
                        .map(one -> mapper.line(reader, one))
                        .toList());
    }

    @PutMapping("/api/classes/{id}/noticeboard")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void rule(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody FirstBody body) {
        board.letTeacherSeeFirst(reader, id, body.teacherSeesFirst());
    }

    @GetMapping("/api/noticeboard/{id}")
    PieceView piece(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return mapper.view(reader, board.require(reader, id));
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
