package notchbook.formats.ink;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import notchbook.core.ink.InkPoint;

/** Which values stand in each point of a trace, and in what units. */
record TraceFormat(List<Channel> channels) {
    private static final double PX_PER_INCH = 96;
    private static final Map<String, Double> PX = Map.of(
            "in",
            PX_PER_INCH,
            "cm",
            PX_PER_INCH / 2.54,
            "mm",
            PX_PER_INCH / 25.4,
            "pt",
            PX_PER_INCH / 72,
            "himetric",
            PX_PER_INCH / 2540);

    /** The elevation of an upright pen, in degrees. */
    static final double UPRIGHT = 90;

    static final TraceFormat EMPTY = new TraceFormat(List.of());

    /** What a trace holds that is told nothing: X and Y. */
    static final TraceFormat PLAIN = EMPTY.with("X", "", "").with("Y", "", "");

    /** A pen without pressure writes as one that is held lightly. */
    private static final double LIGHT = 0.5;

    private static final String BROKEN = "The ink of this InkML file can't be read: “%s” is no point of a trace.";

    /** A value of a point; {@code most} is the greatest that it can have, where that is told. */
    record Channel(String name, double scale, Optional<Double> most) {}

    TraceFormat with(String name, String units, String most) {
        var scale = scale(name, units);
        var greatest =
                most.matches("\\d{1,9}(\\.\\d+)?") ? Optional.of(Double.valueOf(most)) : Optional.<Double>empty();
        return new TraceFormat(Stream.concat(channels.stream(), Stream.of(new Channel(name, scale, greatest)))
                .toList());
    }

    private static double scale(String name, String units) {
        return switch (name) {
            case "T" -> units.equals("s") ? 1_000 : 1;
            case "OE", "OTx", "OTy" -> units.equals("rad") ? Math.toDegrees(1) : 1;
            default -> PX.getOrDefault(units, 1.0);
        };
    }

    /** The points of a trace, in px and ms from its first. */
    List<InkPoint> points(String trace) {
        var points = new ArrayList<InkPoint>();
        var decoder = new TraceDecoder(channels.size());
        var begun = Double.NaN;
        for (var written : trace.split(",")) {
            if (written.isBlank()) {
                continue;
            }
            var values = decoder.next(written)
                    .orElseThrow(() -> new IllegalArgumentException(BROKEN.formatted(shortened(written.strip()))));
            var millis = value("T", values).orElse(0.0);
            begun = Double.isNaN(begun) ? millis : begun;
            points.add(new InkPoint(
                    rounded(value("X", values).orElse(0.0)),
                    rounded(value("Y", values).orElse(0.0)),
                    pressure(values),
                    (int) Math.clamp(millis - begun, 0, Integer.MAX_VALUE),
                    tilt(values)));
        }
        return points;
    }

    // A hundredth of a px is finer than any pen, and sums of differences come out even.
    private static double rounded(double value) {
        return Math.round(100 * value) / 100.0;
    }

    private static String shortened(String written) {
        return written.length() > 40 ? written.substring(0, 40) + "…" : written;
    }

    private double pressure(double[] values) {
        return value("F", values)
                .map(force -> force / most("F", force))
                .map(share -> rounded(Math.clamp(share, 0, 1)))
                .orElse(LIGHT);
    }

    /** In degrees from upright: by the pen's elevation, or by its lean to the right and to the front. */
    private double tilt(double[] values) {
        var lean = Math.hypot(tangent("OTx", values), tangent("OTy", values));
        var tilt = value("OE", values).map(elevation -> UPRIGHT - elevation).orElse(Math.toDegrees(Math.atan(lean)));
        return Math.clamp(rounded(tilt), 0, UPRIGHT);
    }

    private double tangent(String name, double[] values) {
        return Math.tan(Math.toRadians(value(name, values)
                .filter(degrees -> Math.abs(degrees) < UPRIGHT)
                .orElse(0.0)));
    }

    private double most(String name, double value) {
        return channels.stream()
                .filter(channel -> channel.name().equals(name))
                .flatMap(channel -> channel.most().stream())
                .findFirst()
                .filter(most -> most > 0)
                .orElse(value > 1 ? 1_024.0 : 1.0);
    }

    private Optional<Double> value(String name, double[] values) {
        for (var i = 0; i < channels.size(); i++) {
            if (channels.get(i).name().equals(name) && !Double.isNaN(values[i])) {
                return Optional.of(values[i] * channels.get(i).scale());
            }
        }
        return Optional.empty();
    }
}
