package notchbook.app.media;

import java.nio.file.Path;
import java.util.UUID;

/**
 * A file on its way in, under an id that its sender chose. A recording that the sender knows to be cut off (its tab was
 * closed) is kept as far as it goes; any other that breaks off is refused.
 */
public record Incoming(UUID id, String name, Path file, boolean isCutOff) {
    public static Incoming whole(UUID id, String name, Path file) {
        return new Incoming(id, name, file, false);
    }
}
