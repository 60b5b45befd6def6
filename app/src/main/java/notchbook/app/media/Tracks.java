package notchbook.app.media;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import notchbook.app.platform.Ffmpeg;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What is in a container by its own account: whether it has sound, its moving picture (a cover picture is none), and its
 * length in seconds where it says one.
 */
record Tracks(boolean hasSound, Optional<Picture> picture, OptionalDouble seconds) {
    private static final Duration LIMIT = Duration.ofSeconds(20);
    private static final JsonMapper MAPPER = new JsonMapper();

    /** A moving picture as it is shown, in px. */
    record Picture(int width, int height) {}

    static Tracks of(Path file) throws IOException {
        var said = read(Ffmpeg.probe(LIMIT, List.of("-show_streams", "-show_format", "-of", "json", file.toString())));
        return new Tracks(
                said.path("streams").valueStream().anyMatch(stream -> is(stream, "audio")),
                said.path("streams")
                        .valueStream()
                        .filter(stream -> is(stream, "video"))
                        .filter(stream -> stream.at("/disposition/attached_pic").asInt(0) == 0)
                        .map(Tracks::picture)
                        .findFirst(),
                seconds(said.at("/format/duration").asString("")));
    }

    boolean hasVideo() {
        return picture.isPresent();
    }

    private static boolean is(JsonNode stream, String type) {
        return stream.path("codec_type").asString("").equals(type);
    }

    /** A phone that was held upright films on its side and says so. */
    private static Picture picture(JsonNode stream) {
        var width = stream.path("width").asInt(0);
        var height = stream.path("height").asInt(0);
        var isTurned = stream.path("side_data_list")
                .valueStream()
                .anyMatch(side -> side.path("rotation").asInt(0) % 180 != 0);
        return isTurned ? new Picture(height, width) : new Picture(width, height);
    }

    private static OptionalDouble seconds(String said) {
        return said.matches("\\d+(\\.\\d+)?") ? OptionalDouble.of(Double.parseDouble(said)) : OptionalDouble.empty();
    }

    private static JsonNode read(String said) {
        try {
            return MAPPER.readTree(said.isBlank() ? "{}" : said);
        } catch (JacksonException odd) {
            return MAPPER.createObjectNode();
        }
    }
}
