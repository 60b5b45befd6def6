package notchbook.app.scan;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaWords;
import notchbook.core.scan.Bench;
import notchbook.core.scan.Judgement;
import notchbook.core.scan.PageNumber;
import notchbook.core.scan.PhotoOrder.Known;
import org.springframework.stereotype.Component;

/** Looks up what the core needs to know of photos to put them in order. */
@Component
class BenchOrder {
    private final Media media;
    private final MediaWords words;

    BenchOrder(Media media, MediaWords words) {
        this.media = media;
        this.words = words;
    }

    /** A bench in order, with the contents of its shots and the words on their pages. */
    record Laid(Bench bench, Map<UUID, MediaItem> items, Map<UUID, String> words) {}

    Laid of(List<Shot> arrived) {
        var ids = arrived.stream()
                .flatMap(shot -> Stream.concat(Stream.of(shot.photoId()), shot.pictureId().stream()))
                .toList();
        var items = media.findAll(ids);
        var read = words.of(ids);
        var bench = Bench.of(arrived.stream()
                .map(shot -> new Bench.Shot(
                        known(shot, items.get(shot.photoId()), read),
                        shot.pageKey(),
                        wordsOn(shot, read),
                        shot.judgement().map(Judgement::quality).orElse(0.0),
                        shot.leftOut()))
                .toList());
        return new Laid(bench, items, read);
    }

    private static Known known(Shot shot, MediaItem photo, Map<UUID, String> words) {
        var number = PageNumber.in(wordsOn(shot, words));
        return new Known(shot.id(), photo.capturedAt(), photo.name(), number, shot.position());
    }

    private static String wordsOn(Shot shot, Map<UUID, String> words) {
        return shot.pictureId().map(words::get).orElse("");
    }
}
