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

    /** A point has a place. */
    private static final int NEEDED = 2;

    /** The value of a channel that a trace has not told yet. */
    static final double UNTOLD = Double.NaN;

    private final char[] signs;
    private final double[] values;
    private final double[] speeds;

    TraceDecoder(int channels) {
        signs = new char[channels];
        Arrays.fill(signs, '!');
        values = new double[channels];
        Arrays.fill(values, UNTOLD);
        speeds = new double[channels];
    }

    /**
     * The values of the next point; empty when it can't be read. Values that are left out at its end stay as they were, and
     * more than the format tells of are passed over.
     */
    Optional<double[]> next(String written) {
        var found = VALUE.matcher(written);
        var end = 0;
        var place = 0;
        while (!written.substring(end).isBlank()) {
            if (!found.find(end) || found.start() != end) {
                return Optional.empty();
            }
            end = found.end();
            if (place < values.length) {
                take(place, found.group(1), found.group(2));
            }
            place++;
        }
        return place >= NEEDED && Arrays.stream(values).noneMatch(Double::isInfinite)
                ? Optional.of(values.clone())
                : Optional.empty();
    }

    private void take(int place, String sign, String value) {
        if (!sign.isEmpty()) {
            signs[place] = sign.charAt(0);
        }
        apply(place, value);
    }

    private void apply(int i, String value) {
        if (value.matches("[TF?]")) {
            return;
        }
        values[i] = Double.isNaN(values[i]) ? 0 : values[i];
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
