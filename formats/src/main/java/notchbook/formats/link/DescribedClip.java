package notchbook.formats.link;

import java.net.URI;
import java.time.Duration;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.stream.Stream;
import notchbook.core.link.Clip;
import notchbook.core.link.Clip.Form;
import org.jsoup.nodes.Document;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A VideoObject or AudioObject of schema.org in a page's linked data (JSON-LD). */
record DescribedClip(boolean isSound, String content, String embed, Optional<Integer> lengthSeconds) {
    private static final JsonMapper JSON = new JsonMapper();

    /** Objects lie in lists and graphs, hardly ever deeper. */
    private static final int DEEPEST = 4;

    static Optional<DescribedClip> in(Document page) {
        return page.select("script[type=application/ld+json]").stream()
                .flatMap(script -> read(script.data()).stream())
                .flatMap(node -> within(node, 0))
                .findFirst();
    }

    private static Optional<JsonNode> read(String json) {
        try {
            return Optional.of(JSON.readTree(json));
        } catch (JacksonException unreadable) {
            return Optional.empty();
        }
    }

    private static Stream<DescribedClip> within(JsonNode node, int depth) {
        if (depth > DEEPEST) {
            return Stream.empty();
        }
        var type = node.path("@type").asString("");
        return type.equals("VideoObject") || type.equals("AudioObject")
                ? Stream.of(of(node, type.equals("AudioObject")))
                : node.valueStream().filter(JsonNode::isContainer).flatMap(inner -> within(inner, depth + 1));
    }

    private static DescribedClip of(JsonNode node, boolean isSound) {
        return new DescribedClip(
                isSound,
                node.path("contentUrl").asString(""),
                node.path("embedUrl").asString(""),
                seconds(node.path("duration").asString("")));
    }

    /** ISO 8601, such as PT3M20S. */
    private static Optional<Integer> seconds(String duration) {
        try {
            return duration.isBlank()
                    ? Optional.empty()
                    : Optional.of(
                            Math.toIntExact(Duration.parse(duration.strip()).toSeconds()));
        } catch (DateTimeParseException | ArithmeticException noLength) {
            return Optional.empty();
        }
    }

    Optional<Clip> itself(URI page) {
        return PageClip.resolved(content, page)
                .flatMap(found -> Clip.of(found, isSound ? Form.SOUND : Form.FILM, lengthSeconds));
    }

    Optional<Clip> player(URI page) {
        return PageClip.resolved(embed, page).flatMap(found -> Clip.of(found, Form.PLAYER, lengthSeconds));
    }
}
