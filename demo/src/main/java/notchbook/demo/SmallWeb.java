package notchbook.demo;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.regex.Pattern;
import notchbook.app.link.PlacesForBrowsers;
import notchbook.app.link.PublicNames;
import org.jspecify.annotations.Nullable;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Primary;
import org.springframework.stereotype.Component;

/**
 * The demo's own small web on this machine, and the names that lead there: whatever ends in .example. Its pages lie in
 * the resources by name of site and page, its pictures are painted; every other name goes the way that it always goes.
 */
@Component
@Primary
class SmallWeb extends PublicNames implements PlacesForBrowsers, SmartLifecycle {
    private static final Pattern SITE = Pattern.compile("[a-z-]+\\.example");
    private static final Pattern PAGE = Pattern.compile("/[a-z-]+");
    private static final Pattern PICTURE = Pattern.compile("/pictures/([a-z]+)\\.jpg");
    private static final Pattern SAID = Pattern.compile("/oembed/[a-z-]+\\.json");
    private static final Pattern PLAYER = Pattern.compile("/play/[a-z-]+");
    private static final Pattern FILM = Pattern.compile("/films/([a-z-]+)\\.webm");

    private static final Pattern RANGE = Pattern.compile("bytes=(\\d{1,9})-.*");
    private static final int PARTIAL = 206;

    /** A site that asks everyone to sign in. */
    private static final String CLOSED = "members.example";

    /** Its films, by how long they run in s. */
    private static final Map<String, Integer> FILMS = Map.of("ripple-tank", 194, "strobe", 74);

    private final Map<String, byte[]> pictures = new ConcurrentHashMap<>();
    private final Map<String, byte[]> films = new ConcurrentHashMap<>();
    private Optional<HttpServer> server = Optional.empty();

    /** What a request is answered. */
    private record Answer(int status, String type, byte[] content) {
        static final Answer NOTHING = new Answer(404, "text/html", new byte[0]);
    }

    @Override
    public List<InetSocketAddress> resolve(String host, int port) throws UnknownHostException {
        return SITE.matcher(host).matches() && server.isPresent()
                ? List.of(server.get().getAddress())
                : super.resolve(host, port);
    }

    /** Browsers know no such names, so they are led to the machine itself. */
    @Override
    public URI of(URI address) {
        if (!SITE.matcher(address.getHost()).matches() || server.isEmpty()) {
            return address;
        }
        var here = server.get().getAddress();
        var beyond = address.toString().substring(address.toString().indexOf(address.getRawPath()));
        return URI.create("http://127.0.0.1:" + here.getPort() + beyond);
    }

    @Override
    public void start() {
        try {
            var made = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
            made.createContext("/", this::serve);
            made.setExecutor(Executors.newCachedThreadPool());
            made.start();
            server = Optional.of(made);
        } catch (IOException noPort) {
            throw new IllegalStateException("The demo's small web found no port on this machine.", noPort);
        }
    }

    @Override
    public void stop() {
        server.ifPresent(running -> running.stop(0));
        server = Optional.empty();
    }

    @Override
    public boolean isRunning() {
        return server.isPresent();
    }

    private void serve(HttpExchange exchange) throws IOException {
        try (exchange) {
            var answer = answer(
                    exchange.getRequestHeaders().getFirst("Host"),
                    exchange.getRequestURI().getPath());
            exchange.getResponseHeaders().set("Content-Type", answer.type());
            exchange.getResponseHeaders().set("Accept-Ranges", "bytes");
            var from = begin(exchange.getRequestHeaders().getFirst("Range"), answer.content().length);
            from.ifPresent(at -> exchange.getResponseHeaders()
                    .set(
                            "Content-Range",
                            "bytes %d-%d/%d".formatted(at, answer.content().length - 1, answer.content().length)));
            var content = Arrays.copyOfRange(answer.content(), from.orElse(0), answer.content().length);
            exchange.sendResponseHeaders(
                    from.isPresent() ? PARTIAL : answer.status(), content.length == 0 ? -1 : content.length);
            exchange.getResponseBody().write(content);
        }
    }

    /** Where a part begins that is asked for up to the end (RFC 9110, section 14): browsers go forward in a film like this. */
    private static Optional<Integer> begin(@Nullable String range, int length) {
        var asked = RANGE.matcher(range == null ? "" : range);
        return asked.matches()
                ? Optional.of(Integer.parseInt(asked.group(1))).filter(at -> at < length)
                : Optional.empty();
    }

    private Answer answer(String site, String path) throws IOException {
        if (CLOSED.equals(site)) {
            return new Answer(401, "text/html", new byte[0]);
        }
        var picture = PICTURE.matcher(path);
        if (picture.matches()) {
            return new Answer(
                    200,
                    "image/jpeg",
                    pictures.computeIfAbsent(picture.group(1), subject -> Photographs.jpeg(subject, 5)));
        }
        var film = FILM.matcher(path);
        if (film.matches() && FILMS.containsKey(film.group(1))) {
            return new Answer(
                    200,
                    "video/webm",
                    films.computeIfAbsent(film.group(1), name -> Films.again("fronts", FILMS.get(name))));
        }
        if (PLAYER.matcher(path).matches()) {
            return resource("player.html", "text/html; charset=utf-8");
        }
        if (!SITE.matcher(site).matches()) {
            return Answer.NOTHING;
        }
        if (SAID.matcher(path).matches()) {
            return resource(site + path, "application/json");
        }
        return PAGE.matcher(path).matches()
                ? resource(site + path + ".html", "text/html; charset=utf-8")
                : Answer.NOTHING;
    }

    private static Answer resource(String name, String type) throws IOException {
        try (var in = SmallWeb.class.getResourceAsStream("/demo/web/" + name)) {
            return in == null ? Answer.NOTHING : new Answer(200, type, in.readAllBytes());
        }
    }
}
