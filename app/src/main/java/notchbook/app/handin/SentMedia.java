package notchbook.app.handin;

import static java.util.stream.Collectors.toMap;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaPath;
import org.springframework.stereotype.Component;

/** The pictures, sounds and files of versions, each as it goes along. */
@Component
class SentMedia {
    private final Media media;

    SentMedia(Media media) {
        this.media = media;
    }

    /** What goes along by its path, the chosen ones as their smaller copies. */
    Map<String, Copy> paths(Collection<MediaItem> items, Set<UUID> smaller) {
        var paths = new HashMap<String, Copy>();
        items.forEach(item -> {
            var isSmall = smaller.contains(item.id());
            paths.put(MediaPath.of(isSmall ? media.smaller(item).orElse(item) : item), new Copy(item.id(), isSmall));
        });
        return paths;
    }

    /** The contents by their paths. */
    Map<String, MediaItem> items(Map<String, Copy> paths) {
        var whole = media.findAll(paths.values().stream().map(Copy::mediaId).toList());
        return paths.entrySet().stream().collect(toMap(Map.Entry::getKey, path -> {
            var item = whole.get(path.getValue().mediaId());
            return path.getValue().isSmall() ? media.smaller(item).orElse(item) : item;
        }));
    }

    /** The contents by their ids. */
    Map<UUID, MediaItem> byId(Map<String, Copy> paths) {
        return items(paths).values().stream().collect(toMap(MediaItem::id, item -> item));
    }
}
