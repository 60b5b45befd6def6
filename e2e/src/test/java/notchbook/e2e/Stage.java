package notchbook.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.TimeUnit;
import notchbook.database.PrivateMariaDb;

/** The demo school as it is shipped: its own process, over a MariaDB and a media folder of this run's own. */
final class Stage {
    private static final Path SERVER = Path.of("../demo/target/demo-0.1.0-server.jar");
    /** The demo school is made first: within two minutes on an idle machine, in many more on one that others use. */
    private static final Duration START_LIMIT = Duration.ofMinutes(15);

    private static final PrivateMariaDb DATABASE = PrivateMariaDb.start();
    private static final Path FOLDER = folder();
    private static final int PORT = freePort();
    private static Process server = start();

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> server.destroyForcibly()));
    }

    private Stage() {}

    static String address() {
        return "http://127.0.0.1:" + PORT;
    }

    /** Ends the server at once, as a power cut would. */
    static void kill() {
        server.destroyForcibly().onExit().join();
    }

    static void restart() {
        server = start();
    }

    private static Process start() {
        try {
            var log = Path.of("target/server-" + System.nanoTime() + ".log");
            var builder = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "--enable-native-access=ALL-UNNAMED",
                            // Two cores are shared with a browser: what is compiled for a short life is compiled
                            // quickly.
                            "-XX:TieredStopAtLevel=1",
                            "-XX:+UseSerialGC",
                            "-jar",
                            SERVER.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(log.toFile());
            builder.environment().put("NOTCHBOOK_DB_URL", DATABASE.url("notchbook"));
            builder.environment().put("NOTCHBOOK_MEDIA", FOLDER.resolve("media").toString());
            builder.environment().put("NOTCHBOOK_PORT", String.valueOf(PORT));
            var started = builder.start();
            awaitReady(started, log);
            return started;
        } catch (IOException missing) {
            throw new UncheckedIOException("The server could not be started from " + SERVER, missing);
        }
    }

    private static void awaitReady(Process process, Path log) throws IOException {
        var deadline = Instant.now().plus(START_LIMIT);
        while (!Files.exists(log) || !Files.readString(log).contains("The demo school is ready")) {
            if (!process.isAlive() || Instant.now().isAfter(deadline)) {
                throw new IllegalStateException("The server did not start:\n" + Files.readString(log));
            }
            sleep();
        }
    }

    private static void sleep() {
        try {
            TimeUnit.MILLISECONDS.sleep(200);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }

    private static Path folder() {
        try {
            return Files.createTempDirectory("notchbook-stage");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    private static int freePort() {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException none) {
            throw new UncheckedIOException(none);
        }
    }
}
