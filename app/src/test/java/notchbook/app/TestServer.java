package notchbook.app;

import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetupTest;
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

    /** Takes mails in and sends none on. */
    static final GreenMail MAIL = new GreenMail(ServerSetupTest.SMTP.dynamicPort());

    private TestServer() {}

    static void register(DynamicPropertyRegistry registry) {
        register(registry, "notchbook");
    }

    /** The same over another database, which is empty at first. */
    static void register(DynamicPropertyRegistry registry, String name) {
        registry.add("spring.datasource.url", () -> DATABASE.url(name));
        registry.add("notchbook.media-folder", MEDIA_FOLDER::toString);
        registry.add("notchbook.zone", () -> "UTC");
        if (!MAIL.isRunning()) {
            MAIL.start();
        }
        registry.add("notchbook.mail.server", () -> "127.0.0.1");
        registry.add("notchbook.mail.port", () -> MAIL.getSmtp().getPort());
        registry.add("notchbook.mail.tls", () -> false);
        registry.add("notchbook.mail.from", () -> "notebooks@skerrow.example");
    }

    private static Path mediaFolder() {
        try {
            return Files.createTempDirectory("notchbook-media");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }
}
