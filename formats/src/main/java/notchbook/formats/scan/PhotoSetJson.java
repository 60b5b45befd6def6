package notchbook.formats.scan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.scan.Corner;
import notchbook.core.scan.Finish;
import notchbook.core.scan.PhotoSet;
import notchbook.core.scan.Quad;
import notchbook.core.scan.Recipe;
import notchbook.core.scan.SetPage;
import notchbook.formats.layer.LayerJson;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * A set of photographed pages as JSON: {@code {pages: [{picture, photo, corners: [x1, y1, …, x4, y4], quarters, finish,
 * name, gist, layer}]}}; corners as shares of the photo's sides, clockwise from the top left. The layer is
 * left out where nothing is on a page.
 */
public final class PhotoSetJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private PhotoSetJson() {}

    /** Reads and checks a set; an {@link IllegalArgumentException} says what is wrong with it. */
    public static PhotoSet read(JsonNode json) {
        if (!json.path("pages").isArray()) {
            throw new IllegalArgumentException("A set of photos needs a list of pages.");
        }
        var pages = new ArrayList<SetPage>();
        json.path("pages").forEach(page -> pages.add(page(page)));
        return new PhotoSet(pages);
    }

    public static PhotoSet read(String json) {
        return read(MAPPER.readTree(json));
    }

    public static String write(PhotoSet set) {
        var json = JsonNodeFactory.instance.objectNode();
        var pages = json.putArray("pages");
        for (var page : set.pages()) {
            var one = pages.addObject()
                    .put("picture", page.picture().toString())
                    .put("photo", page.photo().toString());
            var corners = one.putArray("corners");
            corners(page.recipe().quad()).forEach(corners::add);
            one.put("quarters", page.recipe().quarters())
                    .put("finish", page.recipe().finish().name())
                    .put("name", page.name())
                    .put("gist", page.gist());
            page.layer().ifPresent(layer -> LayerJson.write(layer, one.putObject("layer")));
        }
        return json.toString();
    }

    /** Eight numbers: x and y of each corner. */
    public static List<Double> corners(Quad quad) {
        return quad.corners().stream()
                .flatMap(corner -> List.of(rounded(corner.x()), rounded(corner.y())).stream())
                .toList();
    }

    /** A quad of eight numbers. */
    public static Quad quad(List<Double> numbers) {
        if (numbers.size() != 8) {
            throw new IllegalArgumentException("A page has four corners: eight numbers, not " + numbers.size() + ".");
        }
        var corners = IntStream.range(0, 4)
                .mapToObj(i -> new Corner(numbers.get(2 * i), numbers.get(2 * i + 1)))
                .toList();
        return new Quad(corners.get(0), corners.get(1), corners.get(2), corners.get(3));
    }

    private static SetPage page(JsonNode json) {
        return new SetPage(
                id(json, "picture"),
                id(json, "photo"),
                new Recipe(
                        quad(json.path("corners")
                                .valueStream()
                                .map(number -> number.asDouble(Double.NaN))
                                .toList()),
                        json.path("quarters").asInt(0),
                        finish(json.path("finish").asString(""))),
                json.path("name").asString(""),
                json.path("gist").asString(""),
                json.has("layer") ? Optional.of(LayerJson.read(json.path("layer"))) : Optional.empty());
    }

    private static UUID id(JsonNode json, String name) {
        try {
            return UUID.fromString(json.path(name).asString(""));
        } catch (IllegalArgumentException odd) {
            throw new IllegalArgumentException("A page of a set needs its " + name + ". Choose it again.");
        }
    }

    private static Finish finish(String name) {
        return Arrays.stream(Finish.values())
                .filter(finish -> finish.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("“" + name + "” is no finish of a page."));
    }

    // A hundred-thousandth of a side is finer than a px of any photo.
    private static double rounded(double share) {
        return Math.round(share * 100_000) / 100_000.0;
    }
}
