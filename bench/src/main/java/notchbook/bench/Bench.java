package notchbook.bench;

import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the measures: {@code core} by JMH, {@code server} against a running demo school. */
public final class Bench {
    private Bench() {}

    public static void main(String[] arguments) throws RunnerException {
        var which = arguments.length > 0 ? arguments[0] : "core";
        switch (which) {
            case "core" ->
                new Runner(new OptionsBuilder()
                                .include(CoverageBenchmark.class.getSimpleName())
                                .build())
                        .run();
            case "server" -> new ServerBench(arguments.length > 1 ? arguments[1] : "http://127.0.0.1:8420").run();
            default -> throw new IllegalArgumentException("Say core or server, not " + which + ".");
        }
    }
}
