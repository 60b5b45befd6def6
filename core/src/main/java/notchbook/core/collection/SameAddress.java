package notchbook.core.collection;

import static java.util.stream.Collectors.joining;

import java.net.URI;
import java.net.URISyntaxException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What two addresses of one page have in common: without scheme, {@code www}, the usual port, what only says where a reader came from, an
 * end that changes nothing, and a place within the page; parameters in an order of their own (RFC 3986, section 6).
 */
public final class SameAddress {
    /** Names of parameters that tell where a reader came from, and nothing about the page. */
    private static final Set<String> TRACKING =
            Set.of("gclid", "fbclid", "dclid", "msclkid", "mc_cid", "mc_eid", "igshid", "ref_src", "yclid", "_ga");

    private static final String CAMPAIGN = "utm_";
    private static final Pattern FRONT_PAGE = Pattern.compile("/(?:index\\.(?:html?|php))?$");

    private SameAddress() {}

    /** The same for addresses of one page; the address itself where it can't be read as one. */
    public static String of(String address) {
        try {
            var uri = new URI(address.strip()).normalize();
            return Optional.ofNullable(uri.getHost())
                    .map(host -> host(host) + port(uri) + path(uri) + query(uri))
                    .orElse(address.strip());
        } catch (URISyntaxException notRead) {
            return address.strip();
        }
    }

    private static String host(String host) {
        var small = host.toLowerCase(Locale.ROOT);
        return small.startsWith("www.") ? small.substring("www.".length()) : small;
    }

    private static String port(URI uri) {
        return uri.getPort() == -1 || uri.getPort() == 80 || uri.getPort() == 443 ? "" : ":" + uri.getPort();
    }

    private static String path(URI uri) {
        return FRONT_PAGE
                .matcher(Optional.ofNullable(uri.getRawPath()).orElse(""))
                .replaceFirst("");
    }

    private static String query(URI uri) {
        var kept = Arrays.stream(
                        Optional.ofNullable(uri.getRawQuery()).orElse("").split("&"))
                .filter(part -> !part.isEmpty() && !isTracking(part.split("=", 2)[0]))
                .sorted()
                .collect(joining("&"));
        return kept.isEmpty() ? "" : "?" + kept;
    }

    private static boolean isTracking(String name) {
        var small = name.toLowerCase(Locale.ROOT);
        return small.startsWith(CAMPAIGN) || TRACKING.contains(small);
    }
}
