package notchbook.app.handin;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.entry.EntryContent;
import notchbook.app.media.MediaPath;
import notchbook.core.version.Version;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;

/** Frozen work as the core compares it. */
final class VersionOf {
    private final Map<String, String> digestById;

    private VersionOf(Map<String, String> digestById) {
        this.digestById = digestById;
    }

    /** {@code digests} are those of its media, by path. */
    static Version of(Frozen frozen, Map<String, String> digests) {
        var reading = new VersionOf(digests.entrySet().stream()
                .filter(part -> part.getKey().startsWith("media/"))
                .collect(Collectors.toMap(part -> MediaPath.idIn(part.getKey()), Map.Entry::getValue)));
        return new Version(frozen.pages().stream()
                .map(page -> new Version.Page(
                        page.id(), page.entries().stream().map(reading::entry).toList()))
                .toList());
    }

    private Version.Entry entry(Sealed.Entry entry) {
        return new Version.Entry(entry.id(), entry.zone().orElse(""), entry.caption(), matter(entry));
    }

    private Version.Matter matter(Sealed.Entry entry) {
        return switch (entry.kind()) {
            case TYPED -> new Version.Text(DocumentJson.read(entry.content()));
            case INK -> new Version.Ink(DrawingJson.read(entry.content()));
            case PHOTO -> new Version.Pictures(pictures(entry));
            case RECORDING, CLIP, FILE ->
                new Version.Other(digest(entry), EntryContent.words(entry.kind(), entry.content()));
            case VIEW -> new Version.Text(EntryContent.textOfView(entry.content()));
            case LINK -> new Version.Other(EntryContent.words(entry.kind(), entry.content()), "");
        };
    }

    private List<Version.Picture> pictures(Sealed.Entry entry) {
        return entry.photoSet()
                .map(set -> set.pages().stream()
                        .map(page -> new Version.Picture(digest(page.picture()), page.layer()))
                        .toList())
                .orElseGet(() -> List.of(new Version.Picture(digest(entry), Optional.empty())));
    }

    private String digest(Sealed.Entry entry) {
        return entry.mediaId().map(this::digest).orElse("");
    }

    private String digest(UUID media) {
        return digestById.getOrDefault(media.toString(), media.toString());
    }
}
