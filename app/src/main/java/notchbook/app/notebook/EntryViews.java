package notchbook.app.notebook;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import notchbook.app.media.Media;
import notchbook.app.media.MediaView;
import notchbook.app.notebook.NotebookViews.EntryView;
import notchbook.app.notebook.PageController.EarlierView;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Turns entries into what screens are sent, their media looked up all at once. */
@Component
class EntryViews {
    private final Media media;
    private final JsonMapper mapper;

    EntryViews(Media media, JsonMapper mapper) {
        this.media = media;
        this.mapper = mapper;
    }

    EarlierView of(EarlierEntry earlier) {
        return new EarlierView(
                earlier.version(), mapper.readTree(earlier.content()), earlier.caption(), earlier.savedAt());
    }

    List<EntryView> of(Collection<Entry> entries) {
        var items = media.findAll(
                entries.stream().flatMap(entry -> entry.mediaId().stream()).toList());
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
                        entry.caption(),
                        entry.place().width(),
                        entry.version(),
                        entry.madeAt(),
                        entry.copiedFrom(),
                        entry.notches()))
                .toList();
    }
}
