package notchbook.app.bag;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Where bags lie, on their way out and in. */
@Component
class BagFolder {
    /** The ending of what is still written; what a fault left of that goes with the bag. */
    static final String HALF = ".part";

    private static final long TOO_LITTLE_BYTES = 50_000_000;

    private final Path folder;

    BagFolder(@Value("${notchbook.media-folder}") Path media) {
        this.folder = media.resolve("bags");
    }

    /** The place of a bag; its folder is there. */
    Path place(UUID id) throws IOException {
        Files.createDirectories(folder);
        return folder.resolve(id + ".zip");
    }

    void forget(UUID id) {
        try {
            Files.deleteIfExists(place(id));
            try (var halves = Files.newDirectoryStream(folder, id + "*" + HALF)) {
                for (var half : halves) {
                    Files.delete(half);
                }
            }
        } catch (IOException stuck) {
            throw new UncheckedIOException("The folder " + folder + " can't be written to.", stuck);
        }
    }

    /** What to say when a bag failed. */
    String why() {
        return isFull()
                ? "There is no room left for it on the machine that Notchbook runs on. Tell whoever looks after it, and try"
                        + " again."
                : "Something went wrong with it. Try again; if it happens once more, tell whoever looks after Notchbook.";
    }

    private boolean isFull() {
        try {
            return Files.getFileStore(folder).getUsableSpace() < TOO_LITTLE_BYTES;
        } catch (IOException gone) {
            return true;
        }
    }
}
