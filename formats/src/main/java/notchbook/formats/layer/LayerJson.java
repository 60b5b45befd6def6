package notchbook.formats.layer;

import java.util.ArrayList;
import java.util.UUID;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Lettering;
import notchbook.core.layer.Place;
import notchbook.core.layer.Thing;
import notchbook.formats.ink.StrokeJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A layer as JSON: {@code {width, height, things: [{kind, id, locked, …}]}}, the lowest first. By kind: {@code ink} with a
 * stroke's tool, colour, width and points; {@code label} with x, y, size, colour, words; {@code callout} with these and tipX,
 * tipY; {@code box} with colour, left, top, right, bottom; {@code spot} with number, x, y, words.
 */
public final class LayerJson {
    private LayerJson() {}

    /** Reads and checks a layer; an {@link IllegalArgumentException} says what is wrong with it. */
    public static Layer read(JsonNode json) {
        if (!json.path("things").isArray()) {
            throw new IllegalArgumentException("A layer needs a list of things.");
        }
        var things = new ArrayList<Thing>();
        json.path("things").forEach(thing -> things.add(thing(thing)));
        return new Layer(json.path("width").asInt(0), json.path("height").asInt(0), things);
    }

    /** Writes it into an empty object. */
    public static void write(Layer layer, ObjectNode into) {
        var things =
                into.put("width", layer.width()).put("height", layer.height()).putArray("things");
        for (var thing : layer.things()) {
            var json = things.addObject();
            switch (thing) {
                case Thing.Ink ink -> StrokeJson.write(ink.stroke(), head("ink", ink, json));
                case Thing.Label label -> lettering(label.lettering(), head("label", label, json));
                case Thing.Callout callout ->
                    lettering(callout.lettering(), head("callout", callout, json))
                            .put("tipX", rounded(callout.tip().x()))
                            .put("tipY", rounded(callout.tip().y()));
                case Thing.Box box ->
                    head("box", box, json)
                            .put("colour", box.colour())
                            .put("left", rounded(box.topLeft().x()))
                            .put("top", rounded(box.topLeft().y()))
                            .put("right", rounded(box.bottomRight().x()))
                            .put("bottom", rounded(box.bottomRight().y()));
                case Thing.Spot spot ->
                    place(spot.at(), head("spot", spot, json).put("number", spot.number()))
                            .put("words", spot.words());
            }
        }
    }

    private static ObjectNode head(String kind, Thing thing, ObjectNode json) {
        return json.put("kind", kind).put("id", thing.id().toString()).put("locked", thing.isLocked());
    }

    private static ObjectNode lettering(Lettering lettering, ObjectNode json) {
        return place(lettering.at(), json)
                .put("size", rounded(lettering.size()))
                .put("colour", lettering.colour())
                .put("words", lettering.words());
    }

    private static ObjectNode place(Place at, ObjectNode json) {
        return json.put("x", rounded(at.x())).put("y", rounded(at.y()));
    }

    private static Thing thing(JsonNode json) {
        var id = id(json);
        var isLocked = json.path("locked").asBoolean(false);
        return switch (json.path("kind").asString("")) {
            case "ink" -> new Thing.Ink(id, isLocked, StrokeJson.read(json));
            case "label" -> new Thing.Label(id, isLocked, lettering(json));
            case "callout" -> new Thing.Callout(id, isLocked, lettering(json), place(json, "tipX", "tipY"));
            case "box" ->
                new Thing.Box(
                        id,
                        isLocked,
                        json.path("colour").asString(""),
                        place(json, "left", "top"),
                        place(json, "right", "bottom"));
            case "spot" ->
                new Thing.Spot(
                        id,
                        isLocked,
                        json.path("number").asInt(0),
                        place(json, "x", "y"),
                        json.path("words").asString(""));
            default ->
                throw new IllegalArgumentException(
                        "“" + json.path("kind").asString("") + "” is nothing that can be put on a picture.");
        };
    }

    private static Lettering lettering(JsonNode json) {
        return new Lettering(
                place(json, "x", "y"),
                json.path("size").asDouble(0),
                json.path("colour").asString(""),
                json.path("words").asString(""));
    }

    private static Place place(JsonNode json, String x, String y) {
        return new Place(json.path(x).asDouble(Double.NaN), json.path(y).asDouble(Double.NaN));
    }

    private static UUID id(JsonNode json) {
        try {
            return UUID.fromString(json.path("id").asString(""));
        } catch (IllegalArgumentException odd) {
            throw new IllegalArgumentException("Each thing on a picture needs an id of its own.");
        }
    }

    private static double rounded(double value) {
        return Math.round(value * 100) / 100.0;
    }
}
