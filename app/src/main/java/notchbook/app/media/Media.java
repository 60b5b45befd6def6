package notchbook.app.media;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Jobs;
import notchbook.app.platform.Refusal;
import notchbook.formats.file.FileLook;
import notchbook.imaging.scan.Scan;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The pictures, sounds and files of the school, each seen only by its owner and by whom a {@link MediaGrant} lets. */
@Service
public class Media {
    private final MediaStore store;
    private final MediaFiles files;
    private final MediaIntake intake;
    private final Jobs jobs;
    private final List<MediaGrant> grants;

    Media(MediaStore store, MediaFiles files, MediaIntake intake, Jobs jobs, List<MediaGrant> grants) {
        this.store = store;
        this.files = files;
        this.intake = intake;
        this.jobs = jobs;
        this.grants = grants;
    }

    /** Takes a file in under an id that the sender chose; sending it again gives what is already there. */
    public MediaItem take(Person owner, Incoming incoming) {
        var known = store.find(incoming.id());
        if (known.isPresent()) {
            return known.filter(item -> item.ownerId().equals(owner.id())).orElseThrow(() -> Refusal.notFound("file"));
        }
        return intake.take(owner, incoming);
    }

    /** Keeps the page that was made of a photo; the words on it are read soon. */
    @Transactional
    public MediaItem keepPage(UUID ownerId, String name, Scan.Page page) {
        return intake.keepPage(ownerId, name, page);
    }

    /** Has the printed words of a picture read soon. */
    public void readWords(UUID id) {
        jobs.want(MediaWords.NAME, id);
    }

    /** An item that the reader sent in; anyone else's does not exist for them. */
    public MediaItem requireOwned(Person reader, UUID id) {
        return store.find(id)
                .filter(item -> item.ownerId().equals(reader.id()))
                .orElseThrow(() -> Refusal.notFound("file"));
    }

    MediaItem requireVisible(Person reader, UUID id) {
        return store.find(id)
                .filter(item ->
                        item.ownerId().equals(reader.id()) || grants.stream().anyMatch(grant -> grant.lets(reader, id)))
                .orElseThrow(() -> Refusal.notFound("file"));
    }

    public Optional<MediaItem> find(UUID id) {
        return store.find(id);
    }

    public Map<UUID, MediaItem> findAll(Collection<UUID> ids) {
        return ids.isEmpty() ? Map.of() : store.findAll(ids);
    }

    /** Where the full content of an item lies; it is not to be changed. */
    public Path place(MediaItem item) {
        return content(item, false);
    }

    /** The same in its smaller copy: the picture for the screen, or the compact sound or film; empty where there is none. */
    public Optional<MediaItem> smaller(MediaItem item) {
        return item.smaller().map(small -> small.sized(size(files.place(small.sha256()))));
    }

    private static long size(Path content) {
        try {
            return Files.size(content);
        } catch (IOException gone) {
            throw new UncheckedIOException("The media store has lost " + content.getFileName(), gone);
        }
    }

    /** Keeps a content that is no item yet, and gives its SHA-256. */
    public String keep(Path content) {
        return files.keep(content);
    }

    /** Where a content lies that was kept under its SHA-256. */
    public Path place(String sha256) {
        return files.place(sha256);
    }

    /** Forgets a content that is no item. */
    public void forget(String sha256) {
        if (!store.isKept(sha256)) {
            files.forget(sha256);
        }
    }

    /** A recording as it is listened to: its compact copy where there is one. */
    public InputStream listening(MediaItem item) throws IOException {
        return Files.newInputStream(content(item, true));
    }

    /** The type of what is listened to. */
    public String listeningType(MediaItem item) {
        return item.hasCompactCopy() ? item.compactType() : item.type();
    }

    /** The full content of an item. */
    public byte[] fullContent(MediaItem item) {
        return bytes(item, false);
    }

    /** Where the content of an item lies: the picture for the screen when asked for and there, else the full content. */
    Path content(MediaItem item, boolean forScreen) {
        return files.place(forScreen ? item.screenSha256().orElse(item.sha256()) : item.sha256());
    }

    /** The picture of a clip at a moment in ms, as JPEG. */
    byte[] still(Person reader, UUID id, long millis) {
        return Optional.of(requireVisible(reader, id))
                .filter(item -> item.kind() == MediaKind.CLIP)
                .flatMap(item -> Stills.at(content(item, false), Math.max(0, millis)))
                .orElseThrow(() -> Refusal.notFound("picture"));
    }

    /** The beginning of a file that holds text or a table, for a look at it. */
    FileLook look(Person reader, UUID id) {
        var item = requireVisible(reader, id);
        if (item.kind() != MediaKind.FILE) {
            throw Refusal.unfit("Only a document or a table can be looked into.");
        }
        return FileLook.into(item.name(), content(item, false));
    }

    /** A photo's picture for the screen, as JPEG; any other item's content. */
    public byte[] screenContent(MediaItem item) {
        return bytes(item, true);
    }

    private byte[] bytes(MediaItem item, boolean forScreen) {
        try {
            return Files.readAllBytes(content(item, forScreen));
        } catch (IOException gone) {
            throw new UncheckedIOException("The media store has lost " + item.sha256(), gone);
        }
    }

    /** The SHA-256 that the stored content has now; empty when it is gone. */
    public Optional<String> digestNow(MediaItem item) {
        try {
            return Optional.of(MediaFiles.digest(content(item, false)));
        } catch (IOException gone) {
            return Optional.empty();
        }
    }
}
