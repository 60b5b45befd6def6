package notchbook.formats.link;

import java.net.URI;
import java.util.Optional;
import java.util.Set;
import notchbook.core.link.Clip;
import notchbook.core.link.Clip.Form;
import org.jsoup.Jsoup;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a site says of one of its pages beside it, as oEmbed 1.0 (oembed.com): of its markup only where its player stands is taken. */
public record Embedding(String title, String author, Optional<URI> picture, Optional<Clip> clip) {
    private static final JsonMapper JSON = new JsonMapper();
    private static final Set<String> PLAYED = Set.of("video", "rich");

    /** Reads the JSON that was answered for an address; empty where it is none. */
    public static Optional<Embedding> read(byte[] json, URI address) {
        try {
            return Optional.of(JSON.readTree(json)).filter(JsonNode::isObject).map(answer -> of(answer, address));
        } catch (JacksonException unreadable) {
            return Optional.empty();
        }
    }

    private static Embedding of(JsonNode answer, URI address) {
        var type = answer.path("type").asString("");
        var picture = type.equals("photo") ? answer.path("url") : answer.path("thumbnail_url");
        return new Embedding(
                PageCard.line(answer.path("title").asString("")),
                PageCard.line(answer.path("author_name").asString("")),
                PageCard.resolved(picture.asString(""), address),
                PLAYED.contains(type) ? clip(answer, address) : Optional.empty());
    }

    private static Optional<Clip> clip(JsonNode answer, URI address) {
        var frame = Jsoup.parse(answer.path("html").asString("")).selectFirst("iframe[src]");
        return Optional.ofNullable(frame)
                .flatMap(found -> PageClip.resolved(found.attr("src"), address))
                .flatMap(player -> Clip.of(
                        player, Form.PLAYER, Optional.of(answer.path("duration").asInt(0))));
    }
}
