package notchbook.app.bag;

import java.time.Instant;
import java.util.UUID;

/** A bag on its way in: how far its looking through or taking in is (0 to 1), what was found, and why it failed if it did. */
record BroughtBag(
        UUID id, UUID ownerId, String name, State state, double share, Found found, String words, Instant broughtAt) {

    enum State {
        /** Every byte is compared with its digest. */
        LOOKING,
        /** It may be taken in. */
        WHOLE,
        /** Its files are named in what was found; it can't be taken in. */
        DAMAGED,
        TAKING,
        TAKEN,
        FAILED
    }
}
