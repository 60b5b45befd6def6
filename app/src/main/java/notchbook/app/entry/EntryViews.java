package notchbook.app.entry;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.link.LinkCardView;
import notchbook.app.link.LinkCards;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaView;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Turns entries into what screens are sent, their media looked up all at once. */
@Component
public class EntryViews {
    private final Media media;
    private final LinkCards links;
    private final JsonMapper mapper;

    EntryViews(Media media, LinkCards links, JsonMapper mapper) {
        this.media = media;
        this.links = links;
        this.mapper = mapper;
    }

    EarlierView of(EarlierEntry earlier) {
        return new EarlierView(
                earlier.version(), mapper.readTree(earlier.content()), earlier.caption(), earlier.savedAt());
    }

    /** Entries of one owner. */
    public List<EntryView> of(UUID ownerId, Collection<Entry> entries) {
        var items = media.findAll(
                entries.stream().flatMap(entry -> entry.shownMedia().stream()).toList());
        var cards = links.of(
                ownerId,
                entries.stream().flatMap(entry -> entry.address().stream()).toList());
        return entries.stream()
                .map(entry -> new EntryView(
                        entry.id(),
                        entry.place().pageId(),
                        entry.place().zone(),
                        entry.place().beside(),
                        entry.kind(),
                        mapper.readTree(entry.content()),
                        entry.isEmpty(),
                        entry.mediaId()
                                .flatMap(id -> Optional.ofNullable(items.get(id)))
                                .map(MediaView::of),
                        pictures(entry, items),
                        entry.address()
                                .flatMap(address -> Optional.ofNullable(cards.get(address)))
                                .map(LinkCardView::of),
                        entry.caption(),
                        entry.place().width(),
                        entry.version(),
                        entry.madeAt(),
                        entry.copiedFrom(),
                        entry.notches()))
                .toList();
    }

    private static List<MediaView> pictures(Entry entry, Map<UUID, MediaItem> items) {
        return entry.photoSet().isEmpty()
                ? List.of()
                : entry.shownMedia().stream().map(items::get).map(MediaView::of).toList();
    }
}
