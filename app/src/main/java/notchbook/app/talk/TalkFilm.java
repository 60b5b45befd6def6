package notchbook.app.talk;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.MadeState;

/** A film of a talk-through: how far it is made (0 to 1), and where it is kept once it is ready. */
record TalkFilm(
        UUID id,
        UUID ownerId,
        UUID recording,
        UUID subject,
        int at,
        FilmFormat format,
        MadeState state,
        double share,
        Optional<String> sha256,
        long bytes) {}
