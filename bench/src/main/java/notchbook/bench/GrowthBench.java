package notchbook.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;

/**
 * Measures growth over a student's 100,000 entries of five years in six notebooks. They are written straight into the running demo
 * school's database; what is measured goes over HTTP, as a student looks at it.
 */
final class GrowthBench {
    private static final int NOTEBOOKS = 6;
    private static final int PAGES = 200;
    private static final int ENTRIES = 100_000;
    private static final int DAYS = 5 * 365;
    private static final int ROUNDS = 40;
    private static final String TITLE = "Growth bench ";
    private static final List<String> KINDS = List.of("TYPED", "INK", "LINK");

    private final ServerBench server;
    private final String database;
    private final Random random = new Random(5);

    GrowthBench(ServerBench server, String database) {
        this.server = server;
        this.database = database;
    }

    void run() throws SQLException {
        server.signIn(ServerBench.STUDENT);
        var books = notebooks();
        if (books.isEmpty()) {
            make();
            books = notebooks();
        }
        var book = books.getFirst();
        var topic = ServerBench.first(server.get("/api/notebooks/" + book + "/syllabus"), "kind", "TOPIC");
        var one = "?notebook=" + book + "&node=" + topic.path("id").asString();
        measure("a topic, the first beside the latest", "/api/growth" + one);
        measure("its pieces", "/api/growth/pieces" + one);
        measure(
                "its weeks",
                "/api/notebooks/" + book + "/growth-weeks?node="
                        + topic.path("id").asString());
        measure("one kind in all notebooks", "/api/growth?kind=HANDWRITTEN");
        measure("all work in all notebooks", "/api/growth");
        measure("a hundred pieces out of the middle of it", "/api/growth/pieces?from=50000");
    }

    private List<String> notebooks() {
        return server.get("/api/notebooks")
                .valueStream()
                .filter(book -> book.path("title").asString().startsWith(TITLE))
                .map(book -> book.path("id").asString())
                .toList();
    }

    private void make() throws SQLException {
        var owner = server.get("/api/me").path("person").path("id").asString();
        for (var at = 0; at < NOTEBOOKS; at++) {
            var book = server.begin(TITLE + at);
            var section = UUID.randomUUID();
            server.put("/api/sections/" + section, "{'notebookId':'%s','title':'Bench','topics':[]}".formatted(book));
            var pages = new ArrayList<UUID>();
            for (var page = 0; page < PAGES; page++) {
                pages.add(server.page(section, "Page " + page));
            }
            var points = server.get("/api/notebooks/" + book + "/syllabus")
                    .valueStream()
                    .filter(node -> node.path("kind").asString().equals("POINT"))
                    .map(node -> node.path("id").asString())
                    .toList();
            try (var db = DriverManager.getConnection(database, "root", "")) {
                fill(db, pages, points, owner);
            }
        }
    }

    private void fill(Connection db, List<UUID> pages, List<String> points, String owner) throws SQLException {
        db.setAutoCommit(false);
        var content =
                "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\""
                        + "The sound goes there and back. ".repeat(8) + "\"}]}]}";
        try (var entry = db.prepareStatement(
                        "insert into entry (id, page_id, kind, content, is_empty, caption, width, position, version, made_at, changed_at)"
                                + " values (?, ?, ?, ?, false, '', 'FULL', ?, 1, ?, now(3))");
                var notch = db.prepareStatement(
                        "insert ignore into notch (entry_id, node_id, page_id, cut_by, cut_at) values (?, ?, ?, ?, now(3))")) {
            for (var i = 0; i < ENTRIES / NOTEBOOKS; i++) {
                var id = UUID.randomUUID().toString();
                var kind = KINDS.get(i % KINDS.size());
                entry.setString(1, id);
                entry.setString(2, pages.get(i % pages.size()).toString());
                entry.setString(3, kind);
                entry.setString(4, kind.equals("TYPED") ? content : OTHER.get(KINDS.indexOf(kind) - 1));
                entry.setInt(5, i);
                entry.setTimestamp(6, Timestamp.from(Instant.now().minus(random.nextInt(DAYS * 24), ChronoUnit.HOURS)));
                entry.addBatch();
                notch.setString(1, id);
                notch.setString(2, points.get(random.nextInt(points.size())));
                notch.setString(3, pages.get(i % pages.size()).toString());
                notch.setString(4, owner);
                notch.addBatch();
            }
            entry.executeBatch();
            notch.executeBatch();
            db.commit();
        }
    }

    /** A drawing and a link, as they are kept. */
    private static final List<String> OTHER = List.of(
            "{\"width\":100,\"height\":60,\"strokes\":[{\"tool\":\"pen\",\"colour\":\"#17262D\",\"width\":2,\"points\":[[1,1,0.5,0],[60,40,0.5,90]]}]}",
            "{\"address\":\"https://library.example/waves\"}");

    private void measure(String what, String path) {
        server.get(path);
        var times = new double[ROUNDS];
        for (var i = 0; i < ROUNDS; i++) {
            times[i] = ServerBench.millis(() -> server.get(path));
        }
        Arrays.sort(times);
        System.out.printf(
                "growth in %d entries, %s: median %.0f ms, 95th percentile %.0f ms%n",
                ENTRIES, what, times[ROUNDS / 2], times[ROUNDS * 95 / 100]);
    }
}
