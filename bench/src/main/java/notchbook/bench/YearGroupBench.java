package notchbook.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Collections;
import java.util.UUID;
import notchbook.core.coverage.Evidence;
import notchbook.core.syllabus.Edition;

/**
 * Measures a teacher's view of a class and of whole year groups by 300 points, over HTTP. Students and their work are
 * written straight into the running demo school's database.
 */
final class YearGroupBench {
    private static final int[] SIZES = {30, 150, 300};
    private static final int POINTS = 300;
    private static final int ENTRIES_A_STUDENT = 150;
    private static final int ROUNDS = 40;

    private final ServerBench server;
    private final String database;
    private final MadeUp madeUp = new MadeUp();

    YearGroupBench(ServerBench server, String database) {
        this.server = server;
        this.database = database;
    }

    void run() throws SQLException {
        server.signIn("tolland");
        for (var size : SIZES) {
            var name = "Year of " + size;
            measure(size, find(name).isEmpty() ? make(size, name) : find(name));
        }
    }

    private String find(String name) {
        return server.get("/api/me")
                .at("/person/classes")
                .valueStream()
                .filter(one -> one.path("name").asString().equals(name))
                .map(one -> one.path("id").asString())
                .findFirst()
                .orElse("");
    }

    private String make(int students, String name) throws SQLException {
        var teacher = server.get("/api/me").path("person").path("id").asString();
        var group = UUID.randomUUID().toString();
        try (var db = DriverManager.getConnection(database, "root", "")) {
            db.setAutoCommit(false);
            insert(db, "school_class (id, name)", group, name);
            insert(db, "class_member (class_id, person_id)", group, teacher);
            var edition = madeUp.edition(POINTS);
            var editionId = UUID.randomUUID().toString();
            insert(
                    db,
                    "edition (id, code, title, added_at)",
                    editionId,
                    "BENCH-" + students,
                    "Three hundred points",
                    "2026-09-01");
            write(db, edition, editionId);
            for (var s = 0; s < students; s++) {
                student(db, group, editionId, edition, "bench-" + students + "-" + s);
            }
            db.commit();
        }
        return group;
    }

    private static void write(Connection db, Edition edition, String editionId) throws SQLException {
        var position = 0;
        for (var node : edition.nodes().toList()) {
            insert(
                    db,
                    "syllabus_node (id, edition_id, parent_id, position, kind, code, title, tier, first_year, last_year)",
                    node.id().toString(),
                    editionId,
                    node.parent().map(UUID::toString).orElse(null),
                    position++,
                    node.kind().name(),
                    node.code(),
                    node.title(),
                    node.tier().name(),
                    0,
                    9999);
        }
    }

    private void student(Connection db, String group, String editionId, Edition edition, String name)
            throws SQLException {
        var person = UUID.randomUUID().toString();
        var notebook = UUID.randomUUID().toString();
        var section = UUID.randomUUID().toString();
        var page = UUID.randomUUID().toString();
        insert(
                db,
                "person (id, user_name, full_name, role, password_hash)",
                person,
                name,
                "Bench " + name,
                "STUDENT",
                "-");
        insert(db, "class_member (class_id, person_id)", group, person);
        insert(
                db,
                "notebook (id, owner_id, class_id, edition_id, title, exam_year, tier, created_at)",
                notebook,
                person,
                group,
                editionId,
                "Bench",
                2028,
                "CORE",
                "2026-09-07");
        insert(db, "section (id, notebook_id, title, position)", section, notebook, "Bench", 0);
        insert(db, "page (id, section_id, title, day, position)", page, section, "Bench", "2026-09-07", 0);
        work(db, page, person, edition);
    }

    private void work(Connection db, String page, String person, Edition edition) throws SQLException {
        try (var entry = db.prepareStatement(
                        "insert into entry (id, page_id, kind, content, is_empty, caption, width, position, version, made_at, changed_at)"
                                + " values (?, ?, ?, '{}', false, '', 'FULL', ?, 1, ?, now(3))");
                var notch = db.prepareStatement(
                        "insert into notch (entry_id, node_id, page_id, cut_by, cut_at) values (?, ?, ?, ?, ?)")) {
            var position = 0;
            for (var evidence : madeUp.evidence(edition, ENTRIES_A_STUDENT)) {
                fill(
                        entry,
                        evidence.entry().toString(),
                        page,
                        kindOf(evidence),
                        position++,
                        evidence.day().toString());
                for (var point : evidence.notches()) {
                    fill(
                            notch,
                            evidence.entry().toString(),
                            point.toString(),
                            page,
                            person,
                            evidence.day().toString());
                }
            }
            entry.executeBatch();
            notch.executeBatch();
        }
    }

    /** The kind of entry that shows as this kind of evidence. */
    private static String kindOf(Evidence evidence) {
        return switch (evidence.kind()) {
            case TYPED, REFLECTION -> "TYPED";
            case HANDWRITTEN -> "INK";
            case PHOTO -> "PHOTO";
            case RECORDING -> "RECORDING";
            case ATTACHED -> "FILE";
        };
    }

    private static void fill(PreparedStatement statement, Object... values) throws SQLException {
        for (var i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
        statement.addBatch();
    }

    private static void insert(Connection db, String into, Object... values) throws SQLException {
        var places = String.join(", ", Collections.nCopies(values.length, "?"));
        try (var statement = db.prepareStatement("insert into " + into + " values (" + places + ")")) {
            fill(statement, values);
            statement.executeBatch();
        }
    }

    private void measure(int students, String group) {
        var path = "/api/classes/" + group + "/coverage";
        for (var i = 0; i < ROUNDS / 2; i++) {
            server.get(path);
        }
        var times = new double[ROUNDS];
        for (var i = 0; i < ROUNDS; i++) {
            times[i] = ServerBench.millis(() -> server.bytes(path));
        }
        Arrays.sort(times);
        System.out.printf(
                "%d students by %d points, %d notches, over HTTP: median %.0f ms, 95th percentile %.0f ms, %d kB%n",
                students,
                POINTS,
                students * ENTRIES_A_STUDENT * 2,
                times[ROUNDS / 2],
                times[ROUNDS * 95 / 100],
                server.bytes(path).length / 1000);
    }
}
