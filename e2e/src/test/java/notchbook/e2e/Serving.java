package notchbook.e2e;

import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** A Notchbook of one's own, by the commands that its owner types; over a folder of its own, from a server that is built already. */
final class Serving implements AutoCloseable {
    private static final Path PROJECT = Path.of("..").toAbsolutePath().normalize();
    private static final Duration START_LIMIT = Duration.ofMinutes(5);
    private static final Pattern CODE = Pattern.compile("The code for the first visit is (\\S+)");

    private final Path data;
    private final int port = Started.freePort();
    private final int databasePort = Started.freePort();
    private final Started server;

    private Serving(Path data) {
        this.data = data;
        this.server = begin(data, port, databasePort, "serve").awaitSaying("Ctrl-C stops everything", START_LIMIT);
    }

    /** Serves what is in a folder, which may be empty. */
    static Serving of(Path data) {
        return new Serving(data);
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** The code that it printed for the first visit. */
    String code() {
        var found = CODE.matcher(server.said());
        if (!found.find()) {
            throw new AssertionError("No code was printed:\n" + server.said());
        }
        return found.group(1);
    }

    /** Goes through the first visit to an account of one's own. */
    Desk begun(Desk visitor, String name, String password) {
        visitor.page().navigate(address());
        return visitor.fill("Code", code())
                .fill("Your name", name)
                .fill("Password", password)
                .press("Make the account")
                .sees("What do you have of the syllabus?");
    }

    /** Runs another of its commands to the end and gives what it said. */
    String run(String... command) {
        return toTheEnd(begin(data, port, databasePort, command));
    }

    /** Takes a backup into a folder, where nothing runs. */
    static String restore(Path data, Path backup) {
        return toTheEnd(begin(data, Started.freePort(), Started.freePort(), "restore", backup.toString()));
    }

    @Override
    public void close() {
        server.process().destroy();
        server.process().onExit().orTimeout(3, TimeUnit.MINUTES).join();
    }

    private static String toTheEnd(Started command) {
        command.process().onExit().join();
        return command.said();
    }

    private static Started begin(Path data, int port, int databasePort, String... command) {
        var words = Stream.concat(Stream.of(PROJECT.resolve("notchbook").toString()), Stream.of(command))
                .toList();
        var builder = new ProcessBuilder(words);
        builder.environment()
                .putAll(Map.of(
                        "NOTCHBOOK_DATA", data.toString(),
                        "NOTCHBOOK_PORT", String.valueOf(port),
                        "NOTCHBOOK_DB_PORT", String.valueOf(databasePort),
                        "NOTCHBOOK_JAR",
                                PROJECT.resolve("app/target/app-0.1.0-server.jar")
                                        .toString()));
        return Started.of(builder, Started.emptyFolder().resolve("log"));
    }
}
