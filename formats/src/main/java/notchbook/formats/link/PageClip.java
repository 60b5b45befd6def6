package notchbook.formats.link;

import java.net.URI;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import notchbook.core.link.Clip;
import notchbook.core.link.Clip.Form;
import org.jsoup.nodes.Document;

/**
 * The clip that a page is about, as its head offers it to others: by the Open Graph properties og:video and og:audio (ogp.me), by
 * schema.org's VideoObject and AudioObject, or as a player's card. The film or sound itself goes before a player with something around it.
 */
final class PageClip {
    private static final List<String> ADDRESSES = List.of("%s:secure_url", "%s:url", "%s");
    private static final List<String> LENGTHS =
            List.of("og:video:duration", "video:duration", "og:audio:duration", "music:duration");

    private PageClip() {}

    static Optional<Clip> in(Document page, URI address) {
        var described = DescribedClip.in(page);
        var length = length(page).or(() -> described.flatMap(DescribedClip::lengthSeconds));
        return Stream.of(
                        graph(page, "og:video", Form.FILM, address),
                        graph(page, "og:audio", Form.SOUND, address),
                        described.flatMap(one -> one.itself(address)),
                        graph(page, "og:video", Form.PLAYER, address),
                        described.flatMap(one -> one.player(address)),
                        resolved(PageCard.property(page, "twitter:player"), address)
                                .flatMap(player -> Clip.of(player, Form.PLAYER, Optional.empty())))
                .flatMap(Optional::stream)
                .findFirst()
                .map(clip -> clip.or(length));
    }

    private static Optional<Clip> graph(Document page, String name, Form form, URI address) {
        var type = PageCard.property(page, name + ":type");
        return ADDRESSES.stream()
                .map(pattern -> PageCard.property(page, pattern.formatted(name)))
                .filter(named -> !named.isBlank())
                .findFirst()
                .flatMap(named -> resolved(named, address))
                .filter(named -> form(type, named).equals(Optional.of(form)))
                .flatMap(named -> Clip.of(named, form, Optional.empty()));
    }

    /** By its type, else by how its address ends. */
    private static Optional<Form> form(String type, String address) {
        var said = type.isBlank() ? typeByName(address) : type.strip().toLowerCase(Locale.ROOT);
        if (said.startsWith("video/")) {
            return Optional.of(Form.FILM);
        }
        if (said.startsWith("audio/")) {
            return Optional.of(Form.SOUND);
        }
        return said.startsWith("text/html") ? Optional.of(Form.PLAYER) : Optional.empty();
    }

    private static String typeByName(String address) {
        var path = address.split("[?#]", 2)[0].toLowerCase(Locale.ROOT);
        if (path.matches(".*\\.(mp4|webm|ogv|m4v)")) {
            return "video/*";
        }
        return path.matches(".*\\.(mp3|ogg|oga|opus|m4a|wav)") ? "audio/*" : "text/html";
    }

    private static Optional<Integer> length(Document page) {
        return LENGTHS.stream()
                .map(name -> PageCard.property(page, name).strip())
                .filter(words -> words.matches("\\d{1,6}"))
                .map(Integer::valueOf)
                .findFirst();
    }

    /** An address in a page, as a whole one. */
    static Optional<String> resolved(String named, URI address) {
        return PageCard.resolved(named, address).map(URI::toString);
    }
}
