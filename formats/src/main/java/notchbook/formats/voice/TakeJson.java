package notchbook.formats.voice;

import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.voice.Moment;
import notchbook.core.voice.Stretch;
import notchbook.core.voice.Take;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.JsonNodeFactory;

/**
 * A recording's moments and stretches as JSON: {@code {moments: [{id, at, name}], stretches: [{startedAt, length}]}}; {@code
 * at} and {@code length} in ms of sound, {@code startedAt} in ms since 1970. A sound that came as a file has neither: {@code
 * {}}.
 */
public final class TakeJson {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private TakeJson() {}

    /** Reads and checks; an {@link IllegalArgumentException} says what is wrong. */
    public static Take read(JsonNode json) {
        return new Take(
                list(json, "moments").map(TakeJson::moment).toList(),
                list(json, "stretches")
                        .map(one -> new Stretch(whole(one, "startedAt"), whole(one, "length")))
                        .toList());
    }

    public static Take read(String json) {
        return read(MAPPER.readTree(json));
    }

    public static String write(Take take) {
        var json = JsonNodeFactory.instance.objectNode();
        if (!take.moments().isEmpty()) {
            var moments = json.putArray("moments");
            take.moments().forEach(moment -> moments.addObject()
                    .put("id", moment.id().toString())
                    .put("at", moment.atMillis())
                    .put("name", moment.name()));
        }
        if (!take.stretches().isEmpty()) {
            var stretches = json.putArray("stretches");
            take.stretches().forEach(stretch -> stretches
                    .addObject()
                    .put("startedAt", stretch.startedAtMillis())
                    .put("length", stretch.lengthMillis()));
        }
        return json.toString();
    }

    private static Stream<JsonNode> list(JsonNode json, String field) {
        if (json.has(field) && !json.path(field).isArray()) {
            throw new IllegalArgumentException("A recording needs its %s as a list.".formatted(field));
        }
        return json.path(field).valueStream();
    }

    private static Moment moment(JsonNode json) {
        var name = json.path("name");
        if (!name.isString()) {
            throw new IllegalArgumentException("A moment of a recording needs a name, or an empty one.");
        }
        return new Moment(UUID.fromString(json.path("id").asString("")), whole(json, "at"), name.asString());
    }

    private static long whole(JsonNode json, String field) {
        if (!json.path(field).isIntegralNumber()) {
            throw new IllegalArgumentException("“%s” of a recording is a number of milliseconds.".formatted(field));
        }
        return json.path(field).asLong();
    }
}
