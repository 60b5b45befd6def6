package notchbook.formats.voice;

import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.voice.About;
import notchbook.core.voice.Moment;
import notchbook.core.voice.SpokenLine;
import notchbook.core.voice.SpokenLines;
import notchbook.core.voice.Stretch;
import notchbook.core.voice.Take;
import notchbook.core.voice.Trim;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is known of a recording or a clip, as JSON: {@code {moments: [{id, at, name}], stretches: [{startedAt, length}], lines:
 * [{from, to, words}], about: {entry, thing}, trim: {from, to}, poster}}. All in ms of sound but {@code startedAt}, in ms
 * since 1970. What is not known is left out: a sound that came as a file is {@code {}}.
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
                        .toList(),
                lines(json),
                some(json, "about").map(TakeJson::about),
                some(json, "trim").map(one -> new Trim(whole(one, "from"), whole(one, "to"))),
                json.has("poster") ? OptionalLong.of(whole(json, "poster")) : OptionalLong.empty());
    }

    /** The spoken lines of a recording, or of a list by itself. */
    public static SpokenLines lines(JsonNode json) {
        return new SpokenLines(list(json, "lines")
                .map(one -> new SpokenLine(whole(one, "from"), whole(one, "to"), string(one, "words")))
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
        if (!take.lines().all().isEmpty()) {
            write(take.lines(), json.putArray("lines"));
        }
        take.about().ifPresent(about -> write(about, json.putObject("about")));
        take.trim()
                .ifPresent(trim ->
                        json.putObject("trim").put("from", trim.fromMillis()).put("to", trim.toMillis()));
        take.posterMillis().ifPresent(at -> json.put("poster", at));
        return json.toString();
    }

    private static void write(About about, ObjectNode json) {
        json.put("entry", about.entry().toString());
        about.thing().ifPresent(thing -> json.put("thing", thing.toString()));
    }

    private static void write(SpokenLines lines, ArrayNode json) {
        lines.all().forEach(line -> json.addObject()
                .put("from", line.fromMillis())
                .put("to", line.toMillis())
                .put("words", line.words()));
    }

    private static Optional<JsonNode> some(JsonNode json, String field) {
        return Optional.of(json.path(field)).filter(JsonNode::isObject);
    }

    private static About about(JsonNode json) {
        return new About(
                UUID.fromString(string(json, "entry")),
                Optional.of(json.path("thing")).filter(JsonNode::isString).map(one -> UUID.fromString(one.asString())));
    }

    private static Stream<JsonNode> list(JsonNode json, String field) {
        if (json.has(field) && !json.path(field).isArray()) {
            throw new IllegalArgumentException("A recording needs its %s as a list.".formatted(field));
        }
        return json.path(field).valueStream();
    }

    private static Moment moment(JsonNode json) {
        return new Moment(UUID.fromString(string(json, "id")), whole(json, "at"), string(json, "name"));
    }

    private static String string(JsonNode json, String field) {
        if (!json.path(field).isString()) {
            throw new IllegalArgumentException("A recording needs its “%s” in letters.".formatted(field));
        }
        return json.path(field).asString();
    }

    private static long whole(JsonNode json, String field) {
        if (!json.path(field).isIntegralNumber()) {
            throw new IllegalArgumentException("“%s” of a recording is a number of milliseconds.".formatted(field));
        }
        return json.path(field).asLong();
    }
}
