package notchbook.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.UUID;
import notchbook.app.media.Incoming;
import notchbook.app.media.Media;
import notchbook.app.people.Person;
import org.springframework.stereotype.Component;

/** Sends files in. */
@Component
class MediaMaker {
    private final Media media;

    MediaMaker(Media media) {
        this.media = media;
    }

    /** Sends a file in, as a browser would, and gives its id. */
    UUID keep(Person owner, String name, byte[] content) {
        try {
            var file = Files.createTempFile("notchbook-demo", "");
            try {
                Files.write(file, content);
                return media.take(owner, Incoming.whole(UUID.randomUUID(), name, file))
                        .id();
            } finally {
                Files.delete(file);
            }
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
