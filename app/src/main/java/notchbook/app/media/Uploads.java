package notchbook.app.media;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import me.desair.tus.server.TusFileUploadService;
import me.desair.tus.server.exception.TusException;
import notchbook.app.people.Person;
import org.springframework.scheduling.annotation.Scheduled;

/** Large files on their way in, in parts that can be taken up again where they broke off (the tus protocol, 1.0). */
public class Uploads {
    /** A device that was away for a week goes on with what it has; after that it begins anew. */
    private static final Duration KEPT = Duration.ofDays(7);

    private final Path folder;
    private final TusFileUploadService tus;

    /** They come to an address and lie in a folder of their own; {@code largest} is in bytes. */
    public Uploads(String path, Path folder, long largest) {
        this.folder = folder;
        this.tus = new TusFileUploadService()
                .withUploadUri(path)
                .withStoragePath(folder.toString())
                .withMaxUploadSize(largest)
                .withUploadExpirationPeriod(KEPT.toMillis());
    }

    /** Answers a request of the protocol; an upload is known only to whom it belongs. */
    public void answer(Person owner, HttpServletRequest request, HttpServletResponse response) throws IOException {
        tus.process(request, response, owner.id().toString());
    }

    /** The content of an upload that is whole, as a file of its own; empty for one that is not there or not whole. */
    Optional<Path> whole(Person owner, String upload) throws IOException {
        var file = Files.createTempFile("notchbook", "incoming");
        if (copyWhole(owner, upload, file)) {
            return Optional.of(file);
        }
        Files.delete(file);
        return Optional.empty();
    }

    /** Copies the content of an upload that is whole; false for one that is not there or not whole. */
    public boolean copyWhole(Person owner, String upload, Path to) throws IOException {
        if (!isWhole(owner, upload)) {
            return false;
        }
        try (var content = tus.getUploadedBytes(upload, owner.id().toString())) {
            if (content == null) {
                return false;
            }
            Files.copy(content, to, StandardCopyOption.REPLACE_EXISTING);
            return true;
        } catch (TusException unknown) {
            return false;
        }
    }

    private boolean isWhole(Person owner, String upload) throws IOException {
        try {
            var info = tus.getUploadInfo(upload, owner.id().toString());
            return info != null && !info.isUploadInProgress();
        } catch (TusException unknown) {
            return false;
        }
    }

    public void forget(Person owner, String upload) throws IOException {
        try {
            tus.deleteUpload(upload, owner.id().toString());
        } catch (TusException gone) {
            // Forgotten already.
        }
    }

    @Scheduled(initialDelay = 1, fixedDelay = 6, timeUnit = TimeUnit.HOURS)
    public void cleanUp() throws IOException {
        // Before the first upload there is nothing that the library could look into.
        if (Files.isDirectory(folder.resolve("locks"))) {
            tus.cleanup();
        }
    }
}
