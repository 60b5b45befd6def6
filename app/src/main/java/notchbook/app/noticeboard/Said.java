package notchbook.app.noticeboard;

import java.time.Instant;
import notchbook.core.noticeboard.Comment;

/** A comment with when it was made. */
record Said(Comment comment, Instant at) {}
