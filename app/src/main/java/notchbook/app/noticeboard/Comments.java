package notchbook.app.noticeboard;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import notchbook.app.media.Media;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.noticeboard.Comment;
import notchbook.core.noticeboard.Viewer;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is said about pieces, by name: read by all who see the piece, hidden by its teacher, closed by whose piece it is. */
@Service
public class Comments {
    private final CommentStore store;
    private final Noticeboard board;
    private final Viewers viewers;
    private final Media media;
    private final SchoolClock clock;

    Comments(CommentStore store, Noticeboard board, Viewers viewers, Media media, SchoolClock clock) {
        this.store = store;
        this.board = board;
        this.viewers = viewers;
        this.media = media;
        this.clock = clock;
    }

    /** Those on a piece that the reader sees. */
    List<Said> on(Person reader, BoardPiece one) {
        var viewer = viewers.of(reader, one.piece());
        return store.on(one.piece().id()).stream()
                .filter(said -> said.comment().isSeenBy(viewer, reader.id()))
                .toList();
    }

    /** Says something about a piece, or says one's own in other words. */
    @Transactional
    public void say(
            Person reader, UUID pieceId, UUID id, String words, Optional<UUID> soundId, Optional<UUID> answerTo) {
        var one = board.require(reader, pieceId);
        if (!one.piece().isOpenTo(viewers.of(reader, one.piece()))) {
            throw Refusal.notNow("Nothing can be said about it while it is not shown.");
        }
        store.find(id)
                .filter(there -> !there.comment().isBy(reader.id())
                        || !there.comment().pieceId().equals(pieceId))
                .ifPresent(another -> {
                    throw Refusal.notFound("comment");
                });
        soundId.ifPresent(sound -> media.requireOwned(reader, sound));
        var parent = answerTo.map(to -> answered(reader, one, to));
        store.put(new Comment(id, pieceId, reader.id(), words, soundId, parent, false, false), clock.now());
    }

    /** What is answered: to an answer, what it answers itself, so that a talk stays one. */
    private UUID answered(Person reader, BoardPiece one, UUID to) {
        var comment = require(reader, one, to);
        var first =
                comment.answerTo().flatMap(parent -> find(reader, one, parent)).orElse(comment);
        if (first.isClosed()) {
            throw Refusal.notNow("This is closed. Say something new instead.");
        }
        return first.id();
    }

    private Comment require(Person reader, BoardPiece one, UUID id) {
        return find(reader, one, id).orElseThrow(() -> Refusal.notFound("comment"));
    }

    private Optional<Comment> find(Person reader, BoardPiece one, UUID id) {
        return on(reader, one).stream()
                .map(Said::comment)
                .filter(comment -> comment.id().equals(id))
                .findFirst();
    }

    @Transactional
    public void takeBack(Person reader, UUID pieceId, UUID id) {
        var comment = require(reader, board.require(reader, pieceId), id);
        if (!comment.isBy(reader.id())) {
            throw Refusal.notFound("comment");
        }
        store.takeBack(id);
    }

    @Transactional
    public void hide(Person reader, UUID pieceId, UUID id, boolean isHidden) {
        requireBy(reader, pieceId, id, Comment::canBeHiddenBy);
        store.hide(id, isHidden);
    }

    @Transactional
    public void close(Person reader, UUID pieceId, UUID id, boolean isClosed) {
        requireBy(reader, pieceId, id, Comment::canBeClosedBy);
        store.close(id, isClosed);
    }

    private void requireBy(Person reader, UUID pieceId, UUID id, Predicate<Viewer> may) {
        var one = board.require(reader, pieceId);
        require(reader, one, id);
        if (!may.test(viewers.of(reader, one.piece()))) {
            throw Refusal.notFound("comment");
        }
    }
}
