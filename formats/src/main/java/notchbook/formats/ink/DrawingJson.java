package notchbook.formats.ink;

import java.util.ArrayList;
import notchbook.core.ink.Drawing;
import notchbook.core.ink.Stroke;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * A drawing as JSON: {@code {width, height, strokes: [{tool, colour, width, points: [[x, y, pressure, millis], …]}]}}; a
 * pen that was not upright has its tilt in degrees as a fifth number.
 */
public final class DrawingJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private DrawingJson() {}

    /** Reads and checks a drawing; an {@link IllegalArgumentException} says what is wrong with it. */
    public static Drawing read(JsonNode json) {
        var strokes = new ArrayList<Stroke>();
        list(json, "strokes").forEach(stroke -> strokes.add(StrokeJson.read(stroke)));
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
        drawing.strokes().forEach(stroke -> StrokeJson.write(stroke, strokes.addObject()));
        return json.toString();
    }

    private static JsonNode list(JsonNode json, String name) {
        if (!json.path(name).isArray()) {
            throw new IllegalArgumentException("A drawing needs a list of " + name + ".");
        }
        return json.path(name);
    }
}
