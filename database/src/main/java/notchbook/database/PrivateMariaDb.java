package notchbook.database;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;

/**
 * A MariaDB server of one's own, on loopback, in a folder of its own, for as long as it is open. Made for the build,
 * the tests and the benchmarks, which all run against the real database.
 */
public final class PrivateMariaDb implements AutoCloseable {
    private static final Duration START_LIMIT = Duration.ofSeconds(60);
    private static final Duration STOP_LIMIT = Duration.ofSeconds(20);

    private final Process server;
    private final Path folder;
    private final int port;

    private PrivateMariaDb(Process server, Path folder, int port) {
        this.server = server;
        this.folder = folder;
        this.port = port;
    }

    /** Starts an empty server and waits until it answers. */
    public static PrivateMariaDb start() {
        try {
            var folder = Files.createTempDirectory("notchbook-db");
            Files.createDirectory(folder.resolve("tmp"));
            run(
                    List.of(
                            "mariadb-install-db",
                            "--no-defaults",
                            user(),
                            "--auth-root-authentication-method=normal",
                            "--skip-test-db",
                            "--datadir=" + folder.resolve("data")),
                    folder);
            var port = freePort();
            var server = process(command(folder, port), folder)
                    .redirectOutput(folder.resolve("log").toFile())
                    .start();
            var database = new PrivateMariaDb(server, folder, port);
            Runtime.getRuntime().addShutdownHook(new Thread(database::close));
            database.awaitAnswer();
            return database;
        } catch (IOException missing) {
            throw new IllegalStateException(
                    "MariaDB could not be started. Install Debian's package mariadb-server.", missing);
        }
    }

    /** The JDBC address of a database on this server, made on first use. */
    public String url(String name) {
        return "jdbc:mariadb://127.0.0.1:" + port + "/" + name + "?createDatabaseIfNotExist=true";
    }

    @Override
    public void close() {
        server.destroy();
        try {
            server.onExit().orTimeout(STOP_LIMIT.toSeconds(), TimeUnit.SECONDS).join();
            deleteFolder();
        } catch (RuntimeException | IOException stillThere) {
            server.destroyForcibly();
        }
    }

    private void awaitAnswer() {
        var deadline = Instant.now().plus(START_LIMIT);
        while (Instant.now().isBefore(deadline)) {
            try (var connection = DriverManager.getConnection(url("mysql"), "root", "")) {
                return;
            } catch (SQLException notYet) {
                sleep();
            }
        }
        throw new IllegalStateException("MariaDB did not answer within a minute; its log is " + folder.resolve("log"));
    }

    private void deleteFolder() throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> files = Files.walk(folder)) {
            for (var file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(file);
            }
        }
    }

    private static List<String> command(Path folder, int port) {
        var command = new ArrayList<>(List.of("mariadbd", "--no-defaults"));
        command.add(user());
        command.addAll(List.of(
                "--datadir=" + folder.resolve("data"), "--socket=" + folder.resolve("socket"), "--port=" + port));
        command.addAll(
                List.of("--bind-address=127.0.0.1", "--character-set-server=utf8mb4", "--max-allowed-packet=64M"));
        // What a test database writes need not survive a power cut.
        command.addAll(List.of("--innodb-flush-log-at-trx-commit=0", "--skip-log-bin"));
        return command;
    }

    private static String user() {
        return "--user=" + System.getProperty("user.name");
    }

    /** With a folder for passing files of its own: a server that starts deletes those of any other in the same folder. */
    private static ProcessBuilder process(List<String> command, Path folder) {
        var process = new ProcessBuilder(command).redirectErrorStream(true);
        process.environment().put("TMPDIR", folder.resolve("tmp").toString());
        return process;
    }

    private static void run(List<String> command, Path folder) throws IOException {
        var process = process(command, folder)
                .redirectOutput(folder.resolve("install-log").toFile())
                .start();
        if (process.onExit().join().exitValue() != 0) {
            throw new IOException("mariadb-install-db failed; its log is " + folder.resolve("install-log"));
        }
    }

    private static int freePort() throws IOException {
        try (var socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static void sleep() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }
}
