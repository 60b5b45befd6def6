package notchbook.formats.ink;

import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Undoes the differences of a trace (InkML 1.0, section 3.2.1): {@code !} tells a value itself, {@code '} its difference to
 * the one before, {@code "} the difference of that difference, {@code *} the same again; a sign holds for its place in all
 * points that follow.
 */
final class TraceDecoder {
    private static final Pattern VALUE =
            Pattern.compile("\\s*([!'\"]?)\\s*(\\*|[+-]?(?:\\d+\\.?\\d*|\\.\\d+)|[TF]|\\?)");

    private final char[] signs;
    private final double[] values;
    private final double[] speeds;

    TraceDecoder(int channels) {
        signs = new char[channels];
        Arrays.fill(signs, '!');
        values = new double[channels];
        speeds = new double[channels];
    }

    /** The values of the next point; empty when it can't be read. */
    Optional<double[]> next(String written) {
        var found = VALUE.matcher(written);
        var end = 0;
        for (var i = 0; i < values.length; i++) {
            if (!found.find(end) || found.start() != end) {
                return Optional.empty();
            }
            end = found.end();
            if (!found.group(1).isEmpty()) {
                signs[i] = found.group(1).charAt(0);
            }
            apply(i, found.group(2));
        }
        return written.substring(end).isBlank()
                        && Double.isFinite(Arrays.stream(values).sum())
                ? Optional.of(values.clone())
                : Optional.empty();
    }

    private void apply(int i, String value) {
        if (value.matches("[TF?]")) {
            return;
        }
        if (value.equals("*")) {
            values[i] += signs[i] == '!' ? 0 : speeds[i];
            return;
        }
        var told = Double.parseDouble(value);
        switch (signs[i]) {
            case '\'' -> speeds[i] = told;
            case '"' -> speeds[i] += told;
            default -> {
                speeds[i] = 0;
                values[i] = told;
                return;
            }
        }
        values[i] += speeds[i];
    }
}
