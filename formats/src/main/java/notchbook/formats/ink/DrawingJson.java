package notchbook.formats.ink;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.ink.Stroke.Tool;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * A drawing as JSON: {@code {width, height, strokes: [{tool, colour, width, points: [[x, y, pressure, millis], …]}]}}.
 */
public final class DrawingJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private DrawingJson() {}

    /** Reads and checks a drawing; an {@link IllegalArgumentException} says what is wrong with it. */
    public static Drawing read(JsonNode json) {
        var strokes = new ArrayList<Stroke>();
        list(json, "strokes").forEach(stroke -> strokes.add(stroke(stroke)));
        return new Drawing(json.path("width").asInt(0), json.path("height").asInt(0), strokes);
    }

    public static Drawing read(String json) {
        return read(MAPPER.readTree(json));
    }

    public static String write(Drawing drawing) {
        var json = JsonNodeFactory.instance
                .objectNode()
                .put("width", drawing.width())
                .put("height", drawing.height());
        var strokes = json.putArray("strokes");
        for (var stroke : drawing.strokes()) {
            var points = strokes.addObject()
                    .put("tool", stroke.tool().name().toLowerCase(Locale.ROOT))
                    .put("colour", stroke.colour())
                    .put("width", stroke.width())
                    .putArray("points");
            stroke.points().forEach(point -> points.addArray()
                    .add(rounded(point.x()))
                    .add(rounded(point.y()))
                    .add(rounded(point.pressure()))
                    .add(point.millis()));
        }
        return json.toString();
    }

    private static Stroke stroke(JsonNode json) {
        return new Stroke(
                tool(json.path("tool").asString("")),
                json.path("colour").asString(""),
                json.path("width").asDouble(0),
                points(list(json, "points")));
    }

    private static List<InkPoint> points(JsonNode json) {
        var points = new ArrayList<InkPoint>();
        json.forEach(sample -> {
            if (sample.size() != 4 || sample.valueStream().anyMatch(value -> !value.isNumber())) {
                throw new IllegalArgumentException("An ink point is four numbers: x, y, pressure, milliseconds.");
            }
            points.add(new InkPoint(
                    sample.get(0).asDouble(),
                    sample.get(1).asDouble(),
                    sample.get(2).asDouble(),
                    (int) sample.get(3).asDouble()));
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

    private static JsonNode list(JsonNode json, String name) {
        if (!json.path(name).isArray()) {
            throw new IllegalArgumentException("A drawing needs a list of " + name + ".");
        }
        return json.path(name);
    }

    // A hundredth of a px is finer than any pen; shorter numbers keep drawings small.
    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
