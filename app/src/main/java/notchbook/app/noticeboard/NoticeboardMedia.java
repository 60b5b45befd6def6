package notchbook.app.noticeboard;

import java.util.UUID;
import notchbook.app.media.MediaGrant;
import notchbook.app.people.Person;
import notchbook.core.noticeboard.Comment;
import org.springframework.stereotype.Component;

/** Who sees a piece sees its pictures and hears its sounds, and what is said aloud about it. */
@Component
class NoticeboardMedia implements MediaGrant {
    private final PieceStore pieces;
    private final CommentStore comments;
    private final Viewers viewers;

    NoticeboardMedia(PieceStore pieces, CommentStore comments, Viewers viewers) {
        this.pieces = pieces;
        this.comments = comments;
        this.viewers = viewers;
    }

    @Override
    public boolean lets(Person reader, UUID mediaId) {
        return pieces.withMedia(mediaId).stream().anyMatch(one -> viewers.sees(reader, one.piece()))
                || comments.withSound(mediaId).stream().map(Said::comment).anyMatch(said -> hears(reader, said));
    }

    private boolean hears(Person reader, Comment said) {
        return pieces.find(said.pieceId())
                .filter(one -> viewers.sees(reader, one.piece()))
                .filter(one -> said.isSeenBy(viewers.of(reader, one.piece()), reader.id()))
                .isPresent();
    }
}
