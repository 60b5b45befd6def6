package notchbook.core.link;

import java.net.URI;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A clip on the web as its page offers it to other pages: a player, or the film or sound itself. It comes over https, as
 * browsers show nothing else within a page that did.
 */
public record Clip(URI address, Form form, Optional<Integer> lengthSeconds) {
    /** Longer than any clip; what says more is wrong. */
    private static final int LONGEST_SECONDS = 86_400;

    /** What stands at the address. */
    public enum Form {
        PLAYER,
        FILM,
        SOUND
    }

    /** Empty where the address is none of the web, or not https; a length that can't be is left out. */
    public static Optional<Clip> of(String address, Form form, Optional<Integer> lengthSeconds) {
        return WebLink.parse(address)
                .map(WebLink::address)
                .filter(found -> "https".equalsIgnoreCase(found.getScheme()))
                .map(found -> new Clip(
                        found, form, lengthSeconds.filter(seconds -> 0 < seconds && seconds <= LONGEST_SECONDS)));
    }

    /** The same with a length where it has none. */
    public Clip or(Optional<Integer> otherLength) {
        return new Clip(address, form, lengthSeconds.or(() -> otherLength));
    }

    /**
     * Where a part of it plays. Films and sounds take a temporal fragment (W3C Media Fragments URI 1.0, section 4.2.1); there is no
     * standard for players, so they are told as well in the two words of the query that most of them know.
     */
    public URI within(ClipSpan span) {
        if (span.equals(ClipSpan.WHOLE)) {
            return address;
        }
        var plain = address.toString().split("#", 2)[0];
        var end = span.endSeconds().map(seconds -> "," + seconds).orElse("");
        return URI.create((form == Form.PLAYER ? asked(plain, span) : plain) + "#t=" + span.startSeconds() + end);
    }

    private static String asked(String plain, ClipSpan span) {
        var parts = plain.split("\\?", 2);
        var others = parts.length == 1
                ? Stream.<String>empty()
                : Stream.of(parts[1].split("&")).filter(one -> !one.matches("(start|end)=.*"));
        var ours = Stream.concat(
                Stream.of("start=" + span.startSeconds()), span.endSeconds().map(seconds -> "end=" + seconds).stream());
        return parts[0] + "?" + String.join("&", Stream.concat(others, ours).toList());
    }
}
