package notchbook.core.link;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Optional;

/** The address of a web page: http or https, with a host, without a sign-in name inside. */
public record WebLink(URI address) {
    /** Longer than any address that a person pastes; what browsers still open. */
    private static final int LONGEST = 2_000;

    /** Reads what a student typed as {@link #parse} does; an {@link IllegalArgumentException} says what an address looks like. */
    public static WebLink require(String typed) {
        return parse(typed)
                .orElseThrow(() -> new IllegalArgumentException(
                        "This is no web address. It looks like https://site.example/page."));
    }

    /** Reads what a student typed or pasted, adding https:// when no scheme is given; empty when it is no web address. */
    public static Optional<WebLink> parse(String typed) {
        var text = typed.strip();
        if (text.isEmpty() || text.length() > LONGEST) {
            return Optional.empty();
        }
        try {
            var uri = new URI(text.contains("://") ? text : "https://" + text);
            var isWeb = "http".equalsIgnoreCase(uri.getScheme()) || "https".equalsIgnoreCase(uri.getScheme());
            var hasSite = uri.getHost() != null && uri.getHost().contains(".") && uri.getUserInfo() == null;
            return isWeb && hasSite ? Optional.of(new WebLink(uri)) : Optional.empty();
        } catch (URISyntaxException notAnAddress) {
            return Optional.empty();
        }
    }
}
