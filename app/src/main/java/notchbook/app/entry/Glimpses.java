package notchbook.app.entry;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.Sound;
import org.springframework.stereotype.Component;

/** Looks at pieces of work, their media looked up all at once. */
@Component
public class Glimpses {
    /** As much of a text as a small card holds. */
    private static final int FIRST_LETTERS = 140;

    private final Media media;

    Glimpses(Media media) {
        this.media = media;
    }

    public List<Glimpse> of(Collection<Entry> entries) {
        var items = media.findAll(
                entries.stream().flatMap(entry -> entry.shownMedia().stream()).toList());
        return entries.stream()
                .map(entry -> of(entry, entry.mediaId().map(items::get).flatMap(MediaItem::sound)))
                .toList();
    }

    private static Glimpse of(Entry entry, Optional<Sound> sound) {
        return new Glimpse(
                entry.id(),
                entry.place().pageId(),
                entry.kind(),
                entry.name(),
                beginning(entry.words()),
                entry.kind() == EntryKind.PHOTO ? entry.shownMedia().stream().findFirst() : Optional.empty(),
                sound.map(Sound::peaks).orElse(List.of()),
                sound.map(Sound::seconds).orElse(0.0));
    }

    private static String beginning(String words) {
        return words.substring(0, Math.min(FIRST_LETTERS, words.length()));
    }
}
