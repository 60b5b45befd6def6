package notchbook.app.scan;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.media.MediaView;
import notchbook.core.scan.Finish;
import notchbook.core.scan.PageShape;
import notchbook.core.scan.PhotoOrder;

/** A bench as the screen needs it; its shots in order, those left out among them. */
record ScanView(
        UUID id,
        UUID pageId,
        String page,
        Optional<UUID> entryId,
        String name,
        PhotoOrder.Reason reason,
        List<ShotView> shots) {

    /** Corners as shares of the photo's sides, clockwise from the top left: x and y of each. */
    record RecipeView(List<Double> corners, int quarters, Finish finish) {}

    /** A shot with its number in the set, when it is not left out, and the shot that shows the same page better, or perhaps the same. */
    record ShotView(
            UUID id,
            MediaView photo,
            Optional<MediaView> picture,
            ShotState state,
            Optional<RecipeView> recipe,
            Optional<PageShape> shape,
            Optional<Integer> number,
            boolean isLeftOut,
            Optional<UUID> againOf,
            Optional<UUID> maybeOf,
            List<String> advice,
            int wordsRead,
            boolean hasCaptureTime,
            String name,
            String gist) {}
}
