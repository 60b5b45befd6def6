package notchbook.app.media;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.UUID;

/** Files that wait for their owner for some days, each under its id: made by a job, or brought to be looked through by one. */
public final class Shelf {
    /** The ending of what is still written; what a fault left of that goes with the file. */
    private static final String HALF = ".part";

    private static final long TOO_LITTLE_BYTES = 50_000_000;

    private final Path folder;

    public Shelf(Path folder) {
        this.folder = folder;
    }

    /** Writes a file. */
    public interface Writing {
        void to(Path half) throws IOException;
    }

    /** The place of a file; its folder is there. */
    public Path place(UUID id) throws IOException {
        Files.createDirectories(folder);
        return folder.resolve(id.toString());
    }

    /** Lays a file here once it is written to its end, so that nothing half done is ever found; gives its size in bytes. */
    public long lay(UUID id, Writing writing) throws IOException {
        var place = place(id);
        var half = Files.createTempFile(folder, id.toString(), HALF);
        try {
            writing.to(half);
            Files.move(half, place, StandardCopyOption.ATOMIC_MOVE);
            return Files.size(place);
        } finally {
            Files.deleteIfExists(half);
        }
    }

    public void forget(UUID id) {
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

    /** What to say when one could not be written or read. */
    public String why() {
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
