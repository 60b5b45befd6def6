package notchbook.app.collection;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.app.link.LinkCardView;
import notchbook.app.media.MediaView;
import notchbook.core.collection.Detail;

/** Collections, as screens are sent them. */
final class CollectionViews {
    private CollectionViews() {}

    record CollectionLine(UUID id, String title, String purpose, int items) {}

    /** Where an entry in a collection lives, and its picture; empty parts mean that it is in the bin, or that it has none. */
    record EntryPlace(UUID entryId, Optional<UUID> pageId, Optional<EntryKind> kind, Optional<UUID> pictureId) {}

    /**
     * A thing with what is said of it. {@code topics} are those that it helps with, by code and title; {@code sameAs} is an earlier thing
     * that leads to the same page; {@code card} is what the linked page says of itself.
     */
    record ItemView(
            UUID id,
            ItemKind kind,
            String title,
            String note,
            Optional<String> url,
            Optional<MediaView> media,
            Optional<EntryPlace> entry,
            Optional<LinkCardView> card,
            String why,
            String heading,
            Map<UUID, List<String>> values,
            List<String> topics,
            LocalDate keptOn,
            Optional<UUID> sameAs) {}

    /** {@code home} is the notebook from which it is sent, where there is one. */
    record CollectionView(
            UUID id, String title, String purpose, Optional<UUID> home, List<Detail> details, List<ItemView> items) {}
}
