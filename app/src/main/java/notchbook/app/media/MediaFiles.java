package notchbook.app.media;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import notchbook.core.seal.Sha256;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** The media store: every content once, in a folder, by its SHA-256. */
@Component
class MediaFiles {
    private final Path folder;

    MediaFiles(@Value("${notchbook.media-folder}") Path folder) {
        this.folder = folder;
    }

    /** Keeps a content and gives its SHA-256 in hexadecimal; keeping it again changes nothing. */
    String keep(Path content) {
        try {
            var sha256 = digest(content);
            var place = place(sha256);
            if (!Files.exists(place)) {
                Files.createDirectories(place.getParent());
                var copy = Files.createTempFile(place.getParent(), "incoming", "");
                Files.copy(content, copy, StandardCopyOption.REPLACE_EXISTING);
                // A content is there whole or not at all, even when the power goes.
                Files.move(copy, place, StandardCopyOption.ATOMIC_MOVE);
            }
            return sha256;
        } catch (IOException full) {
            throw new UncheckedIOException("The media folder " + folder + " can't be written to.", full);
        }
    }

    String keep(byte[] content) {
        try {
            var file = Files.createTempFile("notchbook", "media");
            try {
                return keep(Files.write(file, content));
            } finally {
                Files.delete(file);
            }
        } catch (IOException full) {
            throw new UncheckedIOException("The folder for temporary files can't be written to.", full);
        }
    }

    Path place(String sha256) {
        return folder.resolve(sha256.substring(0, 2)).resolve(sha256);
    }

    void forget(String sha256) {
        try {
            Files.deleteIfExists(place(sha256));
        } catch (IOException stuck) {
            throw new UncheckedIOException("The media folder " + folder + " can't be written to.", stuck);
        }
    }

    /** The SHA-256 that a file has now, in hexadecimal. */
    static String digest(Path file) throws IOException {
        try (var in = new DigestInputStream(Files.newInputStream(file), Sha256.begun())) {
            in.transferTo(OutputStream.nullOutputStream());
            return Sha256.hexOf(in.getMessageDigest());
        }
    }
}
