package notchbook.app.link;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.URISyntaxException;
import java.nio.charset.Charset;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import notchbook.core.link.WebLink;
import org.apache.hc.client5.http.DnsResolver;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.client5.http.config.ConnectionConfig;
import org.apache.hc.client5.http.config.RequestConfig;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.client5.http.impl.classic.HttpClients;
import org.apache.hc.client5.http.impl.io.ManagedHttpClientConnectionFactory;
import org.apache.hc.client5.http.impl.io.PoolingHttpClientConnectionManagerBuilder;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.HttpHeaders;
import org.apache.hc.core5.http.config.Http1Config;
import org.apache.hc.core5.util.Timeout;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Fetches public web pages for the server: by http and https on their own ports, never from an inside address, with no
 * cookie and no name, in bounded size and time. Each redirect is looked at like a new address.
 */
@Component
class PublicWeb {
    /** Titles stand at the beginning; the rest of a longer page is not read. */
    private static final int MOST_OF_PAGE = 1_000_000;

    private static final int LARGEST_PICTURE = 5_000_000;
    private static final int LARGEST_EMBEDDING = 200_000;
    private static final int MOST_REDIRECTS = 5;
    private static final Timeout WAIT = Timeout.ofSeconds(4);
    private static final int BUFFER_BYTES = 8_192;
    private static final int MOST_HEADERS = 200;
    private static final int LONGEST_HEADER = 16_384;
    private static final Set<Integer> PORTS = Set.of(-1, 80, 443);

    private final CloseableHttpClient client;
    private final Duration longest;

    PublicWeb(DnsResolver names, @Value("${notchbook.link-timeout:12s}") Duration longest) {
        this.longest = longest;
        var connections = PoolingHttpClientConnectionManagerBuilder.create()
                .setDnsResolver(names)
                .setConnectionFactory(ManagedHttpClientConnectionFactory.builder()
                        .http1Config(Http1Config.custom()
                                .setMaxHeaderCount(MOST_HEADERS)
                                .setMaxLineLength(LONGEST_HEADER)
                                .build())
                        .build())
                .setDefaultConnectionConfig(ConnectionConfig.custom()
                        .setConnectTimeout(WAIT)
                        .setSocketTimeout(WAIT)
                        .build())
                .build();
        client = HttpClients.custom()
                .setConnectionManager(connections)
                .setDefaultRequestConfig(
                        RequestConfig.custom().setResponseTimeout(WAIT).build())
                .disableRedirectHandling()
                .disableCookieManagement()
                .disableAuthCaching()
                // A small answer can't grow large here.
                .disableContentCompression()
                .disableAutomaticRetries()
                .setUserAgent("Notchbook link card")
                .build();
    }

    /** What came back, and from where after redirects; {@code movedTo} is where servers say that it lives from now on. */
    record Fetched(URI address, String type, byte[] content, Optional<String> charset, Optional<URI> movedTo) {}

    /** The beginning of a web page; of a film or a sound only that it is one. */
    Fetched page(URI address) throws IOException {
        return fetch(address, new Wanted(Set.of("text/html", "video/", "audio/"), MOST_OF_PAGE, true));
    }

    Fetched picture(URI address) throws IOException {
        return fetch(address, new Wanted(Set.of("image/"), LARGEST_PICTURE, false));
    }

    /** What a site says of a page beside it. */
    Fetched embedding(URI address) throws IOException {
        return fetch(address, new Wanted(Set.of("application/json"), LARGEST_EMBEDDING, false));
    }

    /** What an answer has to be; {@code isCut}: what is longer is cut, else refused. */
    private record Wanted(Set<String> types, int mostBytes, boolean isCut) {
        boolean takes(String type) {
            return types.stream().anyMatch(type::startsWith);
        }

        /** Films and sounds are played from where they are, so they are not read. */
        int mostBytesOf(String type) {
            return type.startsWith("video/") || type.startsWith("audio/") ? 0 : mostBytes;
        }
    }

    /** Redirects that are meant to last (RFC 9110, section 15.4). */
    private static final Set<Integer> FOR_GOOD = Set.of(301, 308);

    /** An answer, or where it sends us, and whether for good. */
    private record Step(Optional<Fetched> fetched, Optional<URI> next, boolean isForGood) {}

    private Fetched fetch(URI address, Wanted wanted) throws IOException {
        var at = address;
        var hasMoved = true;
        Optional<URI> movedTo = Optional.empty();
        for (var redirects = 0; redirects <= MOST_REDIRECTS; redirects++) {
            var from = requireWeb(at);
            var request = new HttpGet(from);
            // Whatever a server does with its time, it has no more than this of ours.
            CompletableFuture.delayedExecutor(longest.toMillis(), TimeUnit.MILLISECONDS)
                    .execute(request::cancel);
            var step = client.execute(request, answer -> step(from, answer, wanted));
            if (step.fetched().isPresent()) {
                var fetched = step.fetched().get();
                return new Fetched(fetched.address(), fetched.type(), fetched.content(), fetched.charset(), movedTo);
            }
            at = step.next().orElseThrow();
            hasMoved &= step.isForGood();
            if (hasMoved) {
                movedTo = Optional.of(at);
            }
        }
        throw new IOException(address + " leads in circles.");
    }

    private static URI requireWeb(URI address) throws IOException {
        if (WebLink.parse(address.toString()).isEmpty() || !PORTS.contains(address.getPort())) {
            throw new IOException(address + " is no address of a public web page.");
        }
        return address;
    }

    private static Step step(URI from, ClassicHttpResponse answer, Wanted wanted) throws IOException {
        var status = answer.getCode();
        if (status >= 300 && status < 400 && answer.containsHeader(HttpHeaders.LOCATION)) {
            return new Step(Optional.empty(), Optional.of(next(from, answer)), FOR_GOOD.contains(status));
        }
        var type = ContentType.parseLenient(
                answer.getEntity() == null ? "" : answer.getEntity().getContentType());
        if (status != 200 || type == null || !wanted.takes(type.getMimeType())) {
            throw new IOException(from + " answered " + status + " with " + type + ".");
        }
        var charset = Optional.ofNullable(type.getCharset()).map(Charset::name);
        var content = read(answer.getEntity().getContent(), wanted.mostBytesOf(type.getMimeType()), wanted.isCut());
        return new Step(
                Optional.of(new Fetched(from, type.getMimeType(), content, charset, Optional.empty())),
                Optional.empty(),
                false);
    }

    private static URI next(URI from, ClassicHttpResponse answer) throws IOException {
        try {
            return from.resolve(
                    new URI(answer.getFirstHeader(HttpHeaders.LOCATION).getValue()));
        } catch (URISyntaxException noAddress) {
            throw new IOException(from + " leads nowhere.", noAddress);
        }
    }

    private static byte[] read(InputStream in, int mostBytes, boolean isCut) throws IOException {
        var content = new byte[mostBytes];
        var length = 0;
        while (length < content.length) {
            var read = in.read(content, length, Math.min(BUFFER_BYTES, content.length - length));
            if (read < 0) {
                return Arrays.copyOf(content, length);
            }
            length += read;
        }
        if (!isCut) {
            throw new IOException("It is larger than %,d bytes.".formatted(mostBytes));
        }
        return content;
    }
}
