package notchbook.app.scan;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.platform.Job;
import notchbook.core.scan.Recipe;
import notchbook.imaging.scan.SamePage;
import notchbook.imaging.scan.Scan;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Makes pages of photos: at first by itself, as a job, then by the recipe that the student gives. */
@Component
class Scanning implements Job {
    static final String NAME = "scan-shot";

    private static final Logger LOG = LoggerFactory.getLogger(Scanning.class);

    /** A photo of 12 megapixels takes up to 400 MB on its way: two at a time fit. */
    private final Semaphore atWork = new Semaphore(2);

    private final ScanStore scans;
    private final ShotStore shots;
    private final Media media;
    private final TransactionTemplate transaction;

    Scanning(ScanStore scans, ShotStore shots, Media media, TransactionTemplate transaction) {
        this.scans = scans;
        this.shots = shots;
        this.media = media;
        this.transaction = transaction;
    }

    @Override
    public String name() {
        return NAME;
    }

    @Override
    public void run(UUID shotId) {
        shots.find(shotId)
                .filter(shot -> shot.state() == ShotState.WAITING)
                .ifPresent(shot -> media.find(shot.photoId()).ifPresent(photo -> scan(shot, photo)));
    }

    private void scan(Shot shot, MediaItem photo) {
        try {
            keep(shot, photo, first(photo));
        } catch (RuntimeException odd) {
            LOG.warn("No page could be made of photo {}", photo.id(), odd);
            shots.failed(shot);
        }
    }

    /** A page by another recipe. */
    MediaItem made(MediaItem photo, Recipe recipe) {
        atWork.acquireUninterruptibly();
        try {
            var page = Scan.make(media.fullContent(photo), recipe);
            return media.keepPage(photo.ownerId(), photo.name(), page);
        } finally {
            atWork.release();
        }
    }

    /** Where the page lies, found once more. */
    Recipe found(MediaItem photo) {
        return first(photo).recipe();
    }

    private Scan.First first(MediaItem photo) {
        atWork.acquireUninterruptibly();
        try {
            var content = media.fullContent(photo);
            return UpByReading.upright(Scan.of(content), content);
        } finally {
            atWork.release();
        }
    }

    private void keep(Shot shot, MediaItem photo, Scan.First first) {
        transaction.executeWithoutResult(status -> {
            scans.lock(shot.scanId());
            var picture = media.keepPage(photo.ownerId(), photo.name(), first.page());
            var page = pageKey(shot, first.trace());
            shots.made(shot.id(), picture.id(), first.recipe());
            shots.judged(shot.id(), first.judgement(), page, first.trace());
        });
    }

    private UUID pageKey(Shot shot, byte[] trace) {
        return shots.traces(shot.scanId()).entrySet().stream()
                .filter(known -> isAnyTheSame(known.getValue(), trace))
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(shot.id());
    }

    private static boolean isAnyTheSame(List<byte[]> traces, byte[] trace) {
        return traces.stream().anyMatch(known -> SamePage.isSame(known, trace));
    }
}
