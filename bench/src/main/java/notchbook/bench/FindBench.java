package notchbook.bench;

import static java.nio.charset.StandardCharsets.UTF_8;
import static java.util.stream.Collectors.toSet;

import java.net.URLEncoder;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.find.Token;

/**
 * Measures the find box over a student's 100,000 entries. They are written straight into the running demo school's
 * database, since sending each would take half an hour; they are found over HTTP, as a student finds them.
 */
final class FindBench {
    private static final int ENTRIES = 100_000;
    private static final int WORDS = 30;
    private static final int VOCABULARY = 5_000;
    private static final int BATCH = 1_000;
    private static final int ROUNDS = 40;

    /** From the commonest words of the made-up vocabulary to the rarest, a phrase, and one still being typed. */
    private static final List<String> QUERIES =
            List.of("w1 ", "w40 ", "w900 ", "w4800 ", "w3 w50 ", "w2 w20 w300 ", "\"w1 w2\"", "w4");

    private final ServerBench server;
    private final String database;
    private final Random random = new Random(7);

    FindBench(ServerBench server, String database) {
        this.server = server;
        this.database = database;
    }

    void run() throws SQLException {
        server.signIn(ServerBench.STUDENT);
        if (server.get("/api/find?words=" + QUERIES.getLast()).path("entries").isEmpty()) {
            make();
        }
        measure();
    }

    private void make() throws SQLException {
        var book = server.begin("Find bench");
        var section = UUID.randomUUID();
        server.put("/api/sections/" + section, "{'notebookId':'%s','title':'Bench','topics':[]}".formatted(book));
        var page = server.page(section, "Many entries");
        try (var db = DriverManager.getConnection(database, "root", "")) {
            fill(db, page, server.get("/api/me").path("person").path("id").asString());
        }
    }

    private void fill(Connection db, UUID page, String owner) throws SQLException {
        db.setAutoCommit(false);
        try (var entry = db.prepareStatement(
                        "insert into entry (id, page_id, kind, content, is_empty, caption, width, position, version, made_at, changed_at)"
                                + " values (?, ?, 'TYPED', ?, false, '', 'FULL', ?, 1, now(3), now(3))");
                var words = db.prepareStatement("insert into entry_word (owner_id, stem, entry_id) values (?, ?, ?)")) {
            for (var i = 0; i < ENTRIES; i++) {
                var id = UUID.randomUUID().toString();
                var text = text();
                entry.setString(1, id);
                entry.setString(2, page.toString());
                entry.setString(
                        3,
                        "{\"type\":\"doc\",\"content\":[{\"type\":\"paragraph\",\"content\":[{\"type\":\"text\",\"text\":\""
                                + text + "\"}]}]}");
                entry.setInt(4, i);
                entry.addBatch();
                words.setString(1, owner);
                words.setString(3, id);
                for (var stem : Token.of(text).stream().map(Token::stem).collect(toSet())) {
                    words.setString(2, stem);
                    words.addBatch();
                }
                if (i % BATCH == BATCH - 1) {
                    entry.executeBatch();
                    words.executeBatch();
                    db.commit();
                }
            }
        }
    }

    /** Words as texts have them: the n-th as often as 1 in n. */
    private String text() {
        return String.join(
                " ",
                IntStream.range(0, WORDS)
                        .mapToObj(i -> "w" + (int) Math.pow(VOCABULARY, random.nextDouble()))
                        .toList());
    }

    private void measure() {
        for (var query : QUERIES) {
            var path = "/api/find?words=" + URLEncoder.encode(query, UTF_8);
            server.get(path);
            var times = new double[ROUNDS];
            for (var i = 0; i < ROUNDS; i++) {
                times[i] = ServerBench.millis(() -> server.get(path));
            }
            Arrays.sort(times);
            System.out.printf(
                    "find %-14s among %d entries: median %.0f ms, 95th percentile %.0f ms, %d shown%n",
                    "[" + query + "]",
                    ENTRIES,
                    times[ROUNDS / 2],
                    times[ROUNDS * 95 / 100],
                    server.get(path).path("entries").size());
        }
    }
}
