package notchbook.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import notchbook.database.PrivateMariaDb;
import org.springframework.test.context.DynamicPropertyRegistry;

/** One MariaDB for all tests of a run, and a media folder of the run's own. */
final class TestServer {
    private static final PrivateMariaDb DATABASE = PrivateMariaDb.start();

    private static final Path MEDIA_FOLDER = mediaFolder();

    private TestServer() {}

    static void register(DynamicPropertyRegistry registry) {
        register(registry, "notchbook");
    }

    /** The same over another database, which is empty at first. */
    static void register(DynamicPropertyRegistry registry, String name) {
        registry.add("spring.datasource.url", () -> DATABASE.url(name));
        registry.add("notchbook.media-folder", MEDIA_FOLDER::toString);
        registry.add("notchbook.zone", () -> "UTC");
    }

    private static Path mediaFolder() {
        try {
            return Files.createTempDirectory("notchbook-media");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
