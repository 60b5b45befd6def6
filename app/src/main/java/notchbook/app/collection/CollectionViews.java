package notchbook.app.collection;

import static java.util.stream.Collectors.toMap;

import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.EntryKind;
import notchbook.app.link.LinkCardView;
import notchbook.app.mark.MarkView;
import notchbook.app.media.MediaView;
import notchbook.core.collection.Detail;
import notchbook.core.source.Source;
import tools.jackson.databind.JsonNode;

/** Collections, as screens are sent them. */
public final class CollectionViews {
    private CollectionViews() {}

    /** {@code kinds} are those of its things, the most frequent first; a cover is made of them where it has none. */
    public record CollectionLine(
            UUID id, String title, String purpose, int items, Optional<UUID> coverId, List<ItemKind> kinds) {}

    /** Where an entry in a collection lives, its picture and its first words; empty parts mean that it is in the bin, or that it has none. */
    public record EntryPlace(
            UUID entryId, Optional<UUID> pageId, Optional<EntryKind> kind, Optional<UUID> pictureId, String words) {
        /** Its page is its owner's alone. */
        EntryPlace toBeRead() {
            return new EntryPlace(entryId, Optional.empty(), kind, pictureId, words);
        }
    }

    /** What a thing leads to that has a screen of its own, as it is called now; an empty name means that it is in the bin. */
    public record OwnPlace(Optional<UUID> id, String name) {
        /** Its screen is its owner's alone. */
        OwnPlace toBeRead() {
            return new OwnPlace(Optional.empty(), name);
        }
    }

    /**
     * A thing with what is said of it. {@code text} is what a note holds, where it is more than words. {@code topics} are those that it helps with, by code and title,
     * {@code notches} all lines that it is cut to; {@code sameAs} is an earlier thing
     * that leads to the same page; {@code card} is what the linked page says of itself; {@code source} is what the student says of where it
     * comes from, and {@code found} the same with what was found by itself. {@code marks} are for its owner alone.
     */
    public record ItemView(
            UUID id,
            ItemKind kind,
            String title,
            String note,
            @Schema(implementation = Object.class) Optional<JsonNode> text,
            Optional<String> url,
            Optional<MediaView> media,
            Optional<EntryPlace> entry,
            Optional<OwnPlace> leadsTo,
            Optional<LinkCardView> card,
            String why,
            String heading,
            Map<UUID, List<String>> values,
            List<String> topics,
            Set<UUID> notches,
            LocalDate keptOn,
            Optional<UUID> sameAs,
            Source source,
            Source found,
            String takenFrom,
            Things.Played played,
            List<MarkView> marks) {
        /** The same with its values of some details alone. */
        private ItemView only(Set<UUID> details) {
            var some = values.entrySet().stream()
                    .filter(value -> details.contains(value.getKey()))
                    .collect(toMap(Map.Entry::getKey, Map.Entry::getValue));
            return with(entry, leadsTo, some, marks);
        }

        private ItemView toBeRead() {
            return with(entry.map(EntryPlace::toBeRead), leadsTo.map(OwnPlace::toBeRead), values, List.of());
        }

        private ItemView with(
                Optional<EntryPlace> where,
                Optional<OwnPlace> leading,
                Map<UUID, List<String>> some,
                List<MarkView> marked) {
            return new ItemView(
                    id, kind, title, note, text, url, media, where, leading, card, why, heading, some, topics, notches,
                    keptOn, sameAs, source, found, takenFrom, played, marked);
        }
    }

    /** {@code home} is the notebook from which it is sent, where there is one; {@code notches} are the lines that all of it is for. */
    public record CollectionView(
            UUID id,
            String title,
            String purpose,
            Optional<UUID> coverId,
            Set<UUID> notches,
            Optional<UUID> home,
            List<Detail> details,
            List<ItemView> items) {
        /** The same with some of its things and of its details alone. */
        public CollectionView only(Set<UUID> things, Set<UUID> told) {
            return with(
                    items.stream().filter(item -> things.contains(item.id())).map(item -> item.only(told)),
                    details.stream()
                            .filter(detail -> told.contains(detail.id()))
                            .toList(),
                    home);
        }

        /** The same for somebody to whom it is shown. */
        CollectionView toBeRead() {
            return with(items.stream().map(ItemView::toBeRead), details, Optional.empty());
        }

        private CollectionView with(Stream<ItemView> others, List<Detail> told, Optional<UUID> from) {
            return new CollectionView(id, title, purpose, coverId, notches, from, told, others.toList());
        }
    }
}
