package notchbook.bench;

import java.sql.SQLException;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the measures: {@code core} and {@code voice} by JMH, {@code bag} and {@code copy} by themselves, {@code server}, {@code find},
 * {@code growth}, {@code class} and {@code write} against a running demo school. */
public final class Bench {
    private static final String ADDRESS = setting("NOTCHBOOK_ADDRESS", "http://127.0.0.1:8420");
    private static final String DATABASE = setting("NOTCHBOOK_DB_URL", "jdbc:mariadb://127.0.0.1:3317/notchbook");

    private Bench() {}

    private static String setting(String name, String otherwise) {
        return System.getenv().getOrDefault(name, otherwise);
    }

    public static void main(String[] arguments) throws RunnerException, SQLException {
        var which = arguments.length > 0 ? arguments[0] : "core";
        switch (which) {
            case "core" ->
                new Runner(new OptionsBuilder()
                                .include(CoverageBenchmark.class.getSimpleName())
                                .build())
                        .run();
            case "voice" ->
                new Runner(new OptionsBuilder()
                                .include(VoiceBenchmark.class.getSimpleName())
                                .build())
                        .run();
            case "server" -> new ServerBench(ADDRESS).run();
            case "find" -> new FindBench(new ServerBench(ADDRESS), DATABASE).run();
            case "growth" -> new GrowthBench(new ServerBench(ADDRESS), DATABASE).run();
            case "class" -> new YearGroupBench(new ServerBench(ADDRESS), DATABASE).run();
            case "bag" -> BagBench.run();
            case "copy" -> CopyBench.run();
            case "gather" -> new GatherBench(new ServerBench(ADDRESS)).run();
            case "write" -> new WriteBench(ADDRESS, DATABASE).run();
            default ->
                throw new IllegalArgumentException(
                        "Say core, voice, bag, copy, server, find, growth, class, gather or write, not " + which + ".");
        }
    }
}
