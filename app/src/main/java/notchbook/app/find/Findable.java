package notchbook.app.find;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toMap;

import java.util.Collection;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.Entry;
import notchbook.app.link.LinkCard;
import notchbook.app.link.LinkCards;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaWords;
import org.springframework.stereotype.Component;

/** Gathers what entries can be found by. */
@Component
public class Findable {
    private final Media media;
    private final MediaWords fileWords;
    private final LinkCards links;

    Findable(Media media, MediaWords fileWords, LinkCards links) {
        this.media = media;
        this.fileWords = fileWords;
        this.links = links;
    }

    /** What a student wrote and named, and what stands in the file or says the page that they brought in. */
    public record Text(String own, String brought) {
        public String all() {
            return own + "\n" + brought;
        }
    }

    /** The texts of entries of one owner, by entry. */
    public Map<UUID, Text> of(UUID ownerId, Collection<Entry> entries) {
        var mediaIds =
                entries.stream().flatMap(entry -> entry.shownMedia().stream()).toList();
        var names = media.findAll(mediaIds);
        var words = fileWords.of(mediaIds);
        var cards = links.of(
                ownerId,
                entries.stream().flatMap(entry -> entry.address().stream()).toList());
        return entries.stream().collect(toMap(Entry::id, entry -> {
            var name = entry.mediaId().map(names::get).map(MediaItem::name).orElse("");
            var card = entry.address().map(cards::get).map(LinkCard::words);
            return new Text(own(entry, name), card.orElseGet(() -> read(entry, words)));
        }));
    }

    /** The words in its file, or on each page of its set. */
    private static String read(Entry entry, Map<UUID, String> words) {
        return entry.shownMedia().stream()
                .map(words::get)
                .filter(Objects::nonNull)
                .collect(joining("\n"));
    }

    private static String own(Entry entry, String fileName) {
        return Stream.of(entry.caption(), apart(entry), named(fileName))
                .filter(words -> !words.isBlank())
                .distinct()
                .reduce("", (before, words) -> before + "\n" + words)
                .strip();
    }

    /** The words of an address and of a file's name are held together by signs. */
    private static String apart(Entry entry) {
        return switch (entry.kind()) {
            case FILE -> named(entry.words());
            case LINK -> entry.words().replaceAll("[^\\p{L}\\p{N}]+", " ");
            case TYPED, INK, PHOTO, RECORDING, CLIP, VIEW -> entry.words();
        };
    }

    private static String named(String fileName) {
        return fileName.replaceAll("[._-]+", " ");
    }
}
