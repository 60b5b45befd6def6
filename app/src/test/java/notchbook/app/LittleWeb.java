package notchbook.app;

import static java.nio.charset.StandardCharsets.UTF_8;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.UnknownHostException;
import java.util.List;
import java.util.concurrent.Executors;
import notchbook.app.link.PublicNames;
import org.springframework.beans.factory.DisposableBean;

/** A web of a few pages about clips, under the one name clips.example; all other names go the way that they always go. */
class LittleWeb extends PublicNames implements DisposableBean {
    private static final String PAGE = """
            <title>Ripple tank</title><meta property="og:video" content="https://play.example/tank?of=1">
            <meta property="og:video:type" content="text/html"><meta property="video:duration" content="194">""";
    private static final String BESIDE = """
            <title>Strobe</title><link rel="alternate" type="application/json+oembed" href="/said.json">""";
    private static final String SAID = """
            {"type": "rich", "author_name": "Jon Abel", "html": "<iframe src='https://play.example/strobe'></iframe>"}""";

    private final HttpServer server;

    LittleWeb() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
        server.createContext("/", LittleWeb::serve);
        server.start();
    }

    @Override
    public List<InetSocketAddress> resolve(String host, int port) throws UnknownHostException {
        return host.equals("clips.example") ? List.of(server.getAddress()) : super.resolve(host, port);
    }

    @Override
    public void destroy() {
        server.stop(0);
    }

    private static void serve(HttpExchange exchange) throws IOException {
        try (exchange) {
            switch (exchange.getRequestURI().getPath()) {
                case "/tank" -> answer(exchange, "text/html", PAGE);
                case "/beside" -> answer(exchange, "text/html", BESIDE);
                case "/said.json" -> answer(exchange, "application/json", SAID);
                case "/words" -> answer(exchange, "text/html", "<title>Words alone</title>");
                case "/wave.webm" -> answer(exchange, "video/webm", "a film");
                case "/old" -> lead(exchange, 301);
                case "/for-now" -> lead(exchange, 302);
                default -> exchange.sendResponseHeaders(404, -1);
            }
        }
    }

    private static void answer(HttpExchange exchange, String type, String content) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.sendResponseHeaders(200, content.getBytes(UTF_8).length);
        exchange.getResponseBody().write(content.getBytes(UTF_8));
    }

    private static void lead(HttpExchange exchange, int status) throws IOException {
        exchange.getResponseHeaders().set("Location", "/tank");
        exchange.sendResponseHeaders(status, -1);
    }
}
