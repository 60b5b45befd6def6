package notchbook.app.talk;

import java.util.Optional;
import notchbook.app.media.MediaItem;
import notchbook.core.talk.Talk;
import notchbook.core.voice.Take;
import notchbook.core.voice.Trim;

/** A talk-through with all that it is made of: what was drawn, the voice, and the picture that was drawn on. */
record Talked(String title, Talk talk, Take take, MediaItem sound, Optional<MediaItem> picture) {

    /** The length of its sound in ms. */
    long lengthMillis() {
        return Math.round(1_000 * sound.sound().orElseThrow().seconds());
    }

    /** What of it is heard. */
    Trim heard() {
        var whole = new Trim(0, Math.max(Trim.SHORTEST, lengthMillis()));
        return take.trim()
                .map(trim -> new Trim(trim.fromMillis(), whole.nearest(trim.toMillis())))
                .orElse(whole);
    }
}
