package notchbook.e2e;

import java.nio.file.Path;
import java.time.Duration;
import notchbook.database.PrivateMariaDb;

/** The demo school as it is shipped: its own process, over a MariaDB and a media folder of this run's own. */
final class Stage {
    private static final Path SERVER = Path.of("../demo/target/demo-0.1.0-server.jar");
    /** The demo school is made first: within two minutes on an idle machine, in many more on one that others use. */
    private static final Duration START_LIMIT = Duration.ofMinutes(15);

    private static final PrivateMariaDb DATABASE = PrivateMariaDb.start();
    private static final Path FOLDER = Started.emptyFolder();
    private static final int PORT = Started.freePort();
    private static Process server = start();

    static {
        Runtime.getRuntime().addShutdownHook(new Thread(() -> server.destroyForcibly()));
    }

    private Stage() {}

    static String address() {
        return "http://127.0.0.1:" + PORT;
    }

    static String database() {
        return DATABASE.url("notchbook");
    }

    /** Ends the server at once, as a power cut would. */
    static void kill() {
        server.destroyForcibly().onExit().join();
    }

    static void restart() {
        server = start();
    }

    private static Process start() {
        var builder = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "--enable-native-access=ALL-UNNAMED",
                // Two cores are shared with a browser: what is compiled for a short life is compiled quickly.
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-jar",
                SERVER.toString());
        builder.environment().put("NOTCHBOOK_DB_URL", DATABASE.url("notchbook"));
        builder.environment().put("NOTCHBOOK_MEDIA", FOLDER.resolve("media").toString());
        builder.environment().put("NOTCHBOOK_PORT", String.valueOf(PORT));
        return Started.of(builder, Path.of("target/server-" + System.nanoTime() + ".log"))
                .awaitSaying("The demo school is ready", START_LIMIT)
                .process();
    }
}
