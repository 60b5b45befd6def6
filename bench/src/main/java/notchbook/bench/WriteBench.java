package notchbook.bench;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executors;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.IntStream;

/**
 * Students with sessions of their own who each keep a change every two seconds, against a running demo school: how long a
 * change takes, what fails, and whether the last one of each is there afterwards; beside it what MariaDB alone does with the
 * same rows. Students are written straight into the database and sign in as everyone does.
 */
final class WriteBench {
    private static final int[] SIZES = {50, 200, 500, 1_000};
    private static final int MEASURED = 500;
    private static final Duration LONG = Duration.ofSeconds(60);
    private static final Duration SHORT = Duration.ofSeconds(20);
    private static final Duration BETWEEN_CHANGES = Duration.ofSeconds(2);

    /** As many connections as the application has. */
    private static final int CONNECTIONS = 10;

    private final String address;
    private final String database;

    WriteBench(String address, String database) {
        this.address = address;
        this.database = database;
    }

    void run() throws SQLException {
        var most = Arrays.stream(SIZES).max().orElseThrow();
        System.out.println("signing in " + most + " students");
        var typists = typists(most);
        for (var size : SIZES) {
            type(typists.subList(0, size), size == MEASURED ? LONG : SHORT);
        }
        insertBare();
    }

    private List<Typist> typists(int count) throws SQLException {
        try (var db = DriverManager.getConnection(database, "root", "")) {
            db.setAutoCommit(false);
            var pages =
                    IntStream.range(0, count).mapToObj(i -> UUID.randomUUID()).toList();
            var run = UUID.randomUUID().toString().substring(0, 8);
            for (var i = 0; i < count; i++) {
                student(db, "typist-" + run + "-" + i, pages.get(i));
            }
            db.commit();
            try (var many = Executors.newFixedThreadPool(4)) {
                var signedIn = IntStream.range(0, count)
                        .mapToObj(
                                i -> many.submit(() -> Typist.signIn(address, "typist-" + run + "-" + i, pages.get(i))))
                        .toList();
                return signedIn.stream().map(MadeUp::done).toList();
            }
        }
    }

    /** With the password of the demo school, a notebook on its first syllabus, and a page. */
    private static void student(Connection db, String name, UUID page) throws SQLException {
        var person = UUID.randomUUID();
        var notebook = UUID.randomUUID();
        var section = UUID.randomUUID();
        insert(
                db,
                "insert into person (id, user_name, full_name, role, password_hash)"
                        + " select ?, ?, ?, 'STUDENT', password_hash from person where user_name = 'marlo'",
                person,
                name,
                name);
        insert(
                db,
                "insert into notebook (id, owner_id, edition_id, title, exam_year, tier, created_at)"
                        + " select ?, ?, id, 'Bench', 2028, 'CORE', '2026-09-07' from edition order by id limit 1",
                notebook,
                person);
        insert(
                db,
                "insert into section (id, notebook_id, title, position) values (?, ?, 'Bench', 0)",
                section,
                notebook);
        insert(
                db,
                "insert into page (id, section_id, title, day, position) values (?, ?, 'Bench', '2026-09-07', 0)",
                page,
                section);
    }

    private static void insert(Connection db, String sql, Object... values) throws SQLException {
        try (var statement = db.prepareStatement(sql)) {
            for (var i = 0; i < values.length; i++) {
                statement.setString(i + 1, values[i].toString());
            }
            statement.executeUpdate();
        }
    }

    private void type(List<Typist> typists, Duration length) {
        var millis = new ConcurrentLinkedQueue<Double>();
        var faults = new AtomicInteger();
        var end = Instant.now().plus(length);
        try (var all = Executors.newVirtualThreadPerTaskExecutor()) {
            typists.forEach(typist -> all.submit(() -> type(typist, end, millis, faults)));
        }
        var sorted = millis.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        var lost = typists.stream().filter(typist -> !typist.isThere()).count();
        System.out.printf(
                "%d students: %.0f changes a second of %d wanted; median %.0f ms, 95th percentile %.0f ms, 99th %.0f ms, longest %.0f ms; %d faults, %d lost%n",
                typists.size(),
                sorted.length / (double) length.toSeconds(),
                typists.size() / BETWEEN_CHANGES.toSeconds(),
                sorted[sorted.length / 2],
                sorted[sorted.length * 95 / 100],
                sorted[sorted.length * 99 / 100],
                sorted[sorted.length - 1],
                faults.get(),
                lost);
    }

    private static void type(Typist typist, Instant end, ConcurrentLinkedQueue<Double> millis, AtomicInteger faults) {
        MadeUp.rest(Duration.ofMillis(ThreadLocalRandom.current().nextLong(BETWEEN_CHANGES.toMillis())));
        while (Instant.now().isBefore(end)) {
            var began = System.nanoTime();
            if (!typist.keep()) {
                faults.incrementAndGet();
            }
            var took = Duration.ofNanos(System.nanoTime() - began);
            millis.add(took.toNanos() / 1e6);
            MadeUp.rest(BETWEEN_CHANGES.minus(took));
        }
    }

    /** The same rows, each a transaction of its own, over as many connections as the application has. */
    private void insertBare() throws SQLException {
        var rows = new AtomicLong();
        var end = Instant.now().plus(SHORT);
        try (var db = DriverManager.getConnection(database, "root", "");
                var statement = db.createStatement()) {
            statement.execute("create or replace table bench_row (id uuid primary key, content longtext, version int)");
            try (var all = Executors.newFixedThreadPool(CONNECTIONS)) {
                for (var i = 0; i < CONNECTIONS; i++) {
                    all.submit(() -> insertUntil(end, rows));
                }
            }
            statement.execute("drop table bench_row");
        }
        System.out.printf("MariaDB alone: %.0f such rows a second%n", rows.get() / (double) SHORT.toSeconds());
    }

    private Void insertUntil(Instant end, AtomicLong rows) throws SQLException {
        try (var db = DriverManager.getConnection(database, "root", "");
                var insert = db.prepareStatement("insert into bench_row values (?, ?, 1)")) {
            while (Instant.now().isBefore(end)) {
                insert.setString(1, UUID.randomUUID().toString());
                insert.setString(2, Typist.text(20));
                insert.executeUpdate();
                rows.incrementAndGet();
            }
        }
        return null;
    }
}
