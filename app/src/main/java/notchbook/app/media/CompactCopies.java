package notchbook.app.media;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Keeps the smaller copies of recordings and clips, beside what came. */
@Component
class CompactCopies {
    private final MediaStore store;
    private final MediaFiles files;

    CompactCopies(MediaStore store, MediaFiles files) {
        this.store = store;
        this.files = files;
    }

    /** Makes a copy of a file; says whether it could. */
    interface Making {
        boolean make(Path from, Path copy) throws IOException;
    }

    /** Has a copy made of an item, unless it has one. */
    void keep(UUID mediaId, Making making) {
        store.find(mediaId).filter(item -> item.screenSha256().isEmpty()).ifPresent(item -> keep(item, making));
    }

    /** The same file is copied once, whoever sent it in and however often. */
    private void keep(MediaItem item, Making making) {
        var known = store.screenOf(item.sha256(), item.kind());
        if (known.isPresent()) {
            store.keepScreen(item.id(), known.get());
        } else {
            make(item, making);
        }
    }

    private void make(MediaItem item, Making making) {
        try {
            var copy = Files.createTempFile("notchbook", ".webm");
            try {
                if (making.make(files.place(item.sha256()), copy)) {
                    store.keepScreen(item.id(), files.keep(copy));
                }
            } finally {
                Files.deleteIfExists(copy);
            }
        } catch (IOException broken) {
            throw new UncheckedIOException("No compact copy of " + item.id(), broken);
        }
    }
}
