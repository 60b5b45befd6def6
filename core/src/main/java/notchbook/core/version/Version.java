package notchbook.core.version;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.ink.Drawing;
import notchbook.core.layer.Layer;
import notchbook.core.text.Document;

/** A version of work, as it is compared: its pages in order, each with its entries in order. */
public record Version(List<Page> pages) {
    public Version {
        pages = List.copyOf(pages);
    }

    public record Page(UUID id, List<Entry> entries) {}

    /** An entry is the same in two versions when its id is. */
    public record Entry(UUID id, String zone, String caption, Matter matter) {}

    /** What an entry holds. */
    public sealed interface Matter {}

    public record Text(Document document) implements Matter {
        /** The words, a line for each line of text; places in a text are counted in these, in UTF-16 units. */
        public String words() {
            return String.join(
                    "\n", document.lines().stream().map(line -> line.words()).toList());
        }
    }

    public record Ink(Drawing drawing) implements Matter {}

    public record Pictures(List<Picture> pictures) implements Matter {}

    /** A picture by the digest of its bytes, and what was written on it. */
    public record Picture(String digest, Optional<Layer> layer) {}

    /** A sound, clip, file or link: what it is by its digest or address, and the words that go with it. */
    public record Other(String digest, String words) implements Matter {}

    /** All entries in reading order, by id. */
    public Map<UUID, Entry> byId() {
        var byId = new LinkedHashMap<UUID, Entry>();
        pages.forEach(page -> page.entries().forEach(entry -> byId.put(entry.id(), entry)));
        return byId;
    }
}
