package notchbook.core.syllabus;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;

/** Syllabi of all shapes, the same for the same seed: for rules that hold whatever a syllabus is like. */
public final class RandomSyllabus {
    private static final String[] WORDS =
            "wave sound light echo mirror lens speed time pitch loud angle glass water string air medium crest trough tide cliff arch"
                    .split(" ");

    private final Random random;
    private final List<SyllabusRow> rows = new ArrayList<>();

    private RandomSyllabus(long seed) {
        random = new Random(seed);
    }

    /** Two to five units with topics, some two deep, some points weighted, some for one tier or for some exam years only. */
    public static Edition of(long seed) {
        var one = new RandomSyllabus(seed);
        var units = 2 + one.random.nextInt(4);
        for (var unit = 1; unit <= units; unit++) {
            var weight = unit < units && one.random.nextBoolean() ? String.valueOf(90 / units) : "";
            one.add("" + unit, "", one.words(2), "", weight);
            for (var topic = 1; topic <= 1 + one.random.nextInt(4); topic++) {
                one.topic("" + unit, unit + "." + topic, one.random.nextInt(3));
            }
        }
        return made(one.rows);
    }

    /** The same with points dropped, reworded, renumbered and added. */
    public static Edition nextEdition(Edition before, long seed) {
        var one = new RandomSyllabus(seed);
        for (var row : before.rows()) {
            if (row.statement().isEmpty()) {
                one.rows.add(copy(row, row.code(), row.statement()));
                continue;
            }
            switch (one.random.nextInt(6)) {
                case 0 -> {}
                case 1 -> one.rows.add(copy(row, row.code(), row.statement() + " " + one.words(1)));
                case 2 -> one.rows.add(copy(row, row.code() + "x", row.statement()));
                case 3 -> {
                    one.rows.add(copy(row, row.code(), row.statement()));
                    one.add(row.code() + "n", row.parent(), "", one.words(5), "");
                }
                default -> one.rows.add(copy(row, row.code(), row.statement()));
            }
        }
        return made(one.rows);
    }

    private void topic(String parent, String code, int deeper) {
        add(code, parent, words(2), "", "");
        if (deeper == 2 && code.length() < 6) {
            topic(code, code + ".1", random.nextInt(3));
        }
        var points = 1 + random.nextInt(6);
        for (var point = 0; point < points; point++) {
            add(code + (char) ('a' + point), code, "", words(6), random.nextInt(9) == 0 ? "1" : "");
        }
    }

    private void add(String code, String parent, String title, String statement, String weight) {
        var tier = random.nextInt(5) == 0 && !statement.isEmpty() ? "extended" : "";
        var years = random.nextInt(6) == 0 && !statement.isEmpty() ? "2028-" : "";
        rows.add(new SyllabusRow(
                rows.size() + 2, Optional.empty(), "", code, parent, title, statement, weight, tier, years, ""));
    }

    private static SyllabusRow copy(SyllabusRow row, String code, String statement) {
        return new SyllabusRow(
                row.line(),
                Optional.empty(),
                row.identifier(),
                code,
                row.parent(),
                row.title(),
                statement,
                row.weight(),
                row.tier(),
                row.years(),
                row.note());
    }

    private String words(int count) {
        var words = new ArrayList<String>();
        for (var i = 0; i < count; i++) {
            words.add(WORDS[random.nextInt(WORDS.length)] + (random.nextInt(3) == 0 ? random.nextInt(40) : ""));
        }
        return String.join(" ", words);
    }

    private static Edition made(List<SyllabusRow> rows) {
        var result = SyllabusDraft.check(rows, UUID::randomUUID);
        if (!result.isAccepted()) {
            throw new IllegalArgumentException(result.breaches().toString());
        }
        return new Edition(result.nodes());
    }
}
