package notchbook.formats.ink;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalLong;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A stroke as JSON: {@code {tool, colour, width, madeAt, points: [[x, y, pressure, millis, tilt], …]}}; {@code madeAt} in ms
 * since 1970 is left out where it isn't known, and so is an upright pen's tilt.
 */
public final class StrokeJson {
    private StrokeJson() {}

    /** Reads and checks a stroke; an {@link IllegalArgumentException} says what is wrong with it. */
    public static Stroke read(JsonNode json) {
        if (!json.path("points").isArray()) {
            throw new IllegalArgumentException("A stroke needs a list of points.");
        }
        return new Stroke(
                tool(json.path("tool").asString("")),
                json.path("colour").asString(""),
                json.path("width").asDouble(0),
                points(json.path("points")),
                madeAt(json.path("madeAt")));
    }

    private static OptionalLong madeAt(JsonNode json) {
        if (json.isMissingNode()) {
            return OptionalLong.empty();
        }
        if (!json.isIntegralNumber() || json.asLong() < 0) {
            throw new IllegalArgumentException("When a stroke was made is a number of milliseconds.");
        }
        return OptionalLong.of(json.asLong());
    }

    /** Writes it into {@code into}, beside what is there. */
    public static void write(Stroke stroke, ObjectNode into) {
        into.put("tool", stroke.tool().name().toLowerCase(Locale.ROOT))
                .put("colour", stroke.colour())
                .put("width", rounded(stroke.width()));
        stroke.madeAt().ifPresent(at -> into.put("madeAt", at));
        var points = into.putArray("points");
        for (var point : stroke.points()) {
            var sample = points.addArray()
                    .add(rounded(point.x()))
                    .add(rounded(point.y()))
                    .add(rounded(point.pressure()))
                    .add(point.millis());
            if (Math.round(point.tilt()) > 0) {
                sample.add(Math.round(point.tilt()));
            }
        }
    }

    private static List<InkPoint> points(JsonNode json) {
        var points = new ArrayList<InkPoint>();
        json.forEach(sample -> {
            var isSample = sample.size() == 4 || sample.size() == 5;
            if (!isSample || sample.valueStream().anyMatch(value -> !value.isNumber())) {
                throw new IllegalArgumentException("An ink point is four numbers: x, y, pressure, milliseconds.");
            }
            points.add(new InkPoint(
                    sample.get(0).asDouble(),
                    sample.get(1).asDouble(),
                    sample.get(2).asDouble(),
                    (int) sample.get(3).asDouble(),
                    sample.path(4).asDouble(0)));
        });
        return points;
    }

    private static Tool tool(String name) {
        return switch (name) {
            case "pen" -> Tool.PEN;
            case "highlighter" -> Tool.HIGHLIGHTER;
            default -> throw new IllegalArgumentException("\"" + name + "\" is no ink tool.");
        };
    }

    // A hundredth of a px is finer than any pen; shorter numbers keep drawings small.
    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
