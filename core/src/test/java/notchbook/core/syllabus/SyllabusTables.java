package notchbook.core.syllabus;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;

/** Syllabi for tests, written as lines of {@code code|parent|title|statement|weight|tier|years|identifier}. */
public final class SyllabusTables {
    private static final AtomicLong IDS = new AtomicLong();

    private SyllabusTables() {}

    public static List<SyllabusRow> rows(String table) {
        var rows = new ArrayList<SyllabusRow>();
        var line = 2;
        for (var text : table.strip().split("\n")) {
            var cells = (text + "||||||||").split("\\|", -1);
            rows.add(new SyllabusRow(
                    line++,
                    Optional.empty(),
                    cells[7].strip(),
                    cells[0].strip(),
                    cells[1].strip(),
                    cells[2].strip(),
                    cells[3].strip(),
                    cells[4].strip(),
                    cells[5].strip(),
                    cells[6].strip(),
                    ""));
        }
        return rows;
    }

    public static Edition edition(String table) {
        var result = SyllabusDraft.check(rows(table), () -> new UUID(0, IDS.incrementAndGet()));
        if (!result.isAccepted()) {
            throw new IllegalArgumentException(result.breaches().toString());
        }
        return new Edition(result.nodes());
    }

    public static UUID id(Edition edition, String code) {
        return edition.nodes()
                .filter(node -> node.code().equals(code))
                .findFirst()
                .orElseThrow()
                .id();
    }
}
