package notchbook.e2e;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;

/** A Notchbook of one's own, by the commands that its owner types; over a folder of its own, from a server that is built already. */
final class Serving implements AutoCloseable {
    private static final Path PROJECT = Path.of("..").toAbsolutePath().normalize();
    private static final Duration START_LIMIT = Duration.ofMinutes(5);
    private static final Pattern CODE = Pattern.compile("The code for the first visit is (\\S+)");

    private final Path data;
    private final int port = freePort();
    private final int databasePort = freePort();
    private final Process server;
    private final Path output;

    private Serving(Path data) throws IOException {
        this.data = data;
        this.output = Files.createTempFile("notchbook-serve", ".log");
        this.server = begin(output, "serve");
        awaitReady();
    }

    /** Serves what is in a folder, which may be empty. */
    static Serving of(Path data) {
        try {
            return new Serving(data);
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    static Path emptyFolder() {
        try {
            return Files.createTempDirectory("notchbook-own");
        } catch (IOException full) {
            throw new UncheckedIOException(full);
        }
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** The code that it printed for the first visit. */
    String code() {
        var found = CODE.matcher(read(output));
        if (!found.find()) {
            throw new AssertionError("No code was printed:\n" + read(output));
        }
        return found.group(1);
    }

    /** Runs another of its commands to the end and gives what it said. */
    String run(String... command) {
        return said(this::begin, command);
    }

    /** Takes a backup into a folder, where nothing runs. */
    static String restore(Path data, Path backup) {
        return said(
                (output, command) -> begin(data, freePort(), freePort(), output, command),
                "restore",
                backup.toString());
    }

    private interface Beginning {
        Process begin(Path output, String... command) throws IOException;
    }

    private static String said(Beginning beginning, String... command) {
        try {
            var output = Files.createTempFile("notchbook-run", ".log");
            beginning.begin(output, command).onExit().join();
            return read(output);
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    @Override
    public void close() {
        server.destroy();
        server.onExit().orTimeout(60, TimeUnit.SECONDS).join();
    }

    private Process begin(Path log, String... command) throws IOException {
        return begin(data, port, databasePort, log, command);
    }

    private static Process begin(Path data, int port, int databasePort, Path log, String... command)
            throws IOException {
        var words = new java.util.ArrayList<String>();
        words.add(PROJECT.resolve("notchbook").toString());
        words.addAll(java.util.List.of(command));
        var builder = new ProcessBuilder(words).redirectErrorStream(true).redirectOutput(log.toFile());
        builder.environment()
                .putAll(Map.of(
                        "NOTCHBOOK_DATA", data.toString(),
                        "NOTCHBOOK_PORT", String.valueOf(port),
                        "NOTCHBOOK_DB_PORT", String.valueOf(databasePort),
                        "NOTCHBOOK_JAR",
                                PROJECT.resolve("app/target/app-0.1.0-server.jar")
                                        .toString()));
        return builder.start();
    }

    private void awaitReady() {
        var deadline = Instant.now().plus(START_LIMIT);
        while (!read(output).contains("Ctrl-C stops everything")) {
            if (!server.isAlive() || Instant.now().isAfter(deadline)) {
                throw new IllegalStateException("Notchbook did not start:\n" + read(output));
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

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
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
