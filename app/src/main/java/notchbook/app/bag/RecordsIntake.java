package notchbook.app.bag;

import static notchbook.tables.Tables.LINK_CARD;
import static notchbook.tables.Tables.MEDIA;
import static notchbook.tables.Tables.NOTEBOOK;
import static notchbook.tables.Tables.PERSON;
import static notchbook.tables.Tables.SYLLABUS_NODE;

import com.github.f4b6a3.uuid.UuidCreator;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.app.bag.BagTable.Owned;
import notchbook.app.bag.BagTable.Part;
import notchbook.app.bag.BagTable.Reference;
import notchbook.app.bag.BagTable.Shared;
import notchbook.formats.bag.BagFile;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Query;
import org.jooq.Table;
import org.jooq.TableField;
import org.springframework.dao.DataIntegrityViolationException;

/**
 * Takes the rows of one bag in for one person, whoever wrote them. What is here already stays as it is; what is new becomes the
 * person's, and may refer only to what came with it or is theirs. An {@link IllegalArgumentException} says what does not fit; then
 * nothing of it is to be kept.
 */
final class RecordsIntake {
    private static final int AT_ONCE = 200;

    private final DSLContext db;
    private final BagFile bag;
    private final UUID from;
    private final UUID owner;
    private final RowFitting fitting;
    private final Map<Table<?>, Set<UUID>> taken = new HashMap<>();
    private final Map<Table<?>, Set<UUID>> here = new HashMap<>();
    private final Map<Table<?>, Set<UUID>> gone = new HashMap<>();
    private final Set<UUID> linesHere = new HashSet<>();
    private final List<Query> waiting = new ArrayList<>();
    private int lost;

    /** {@code from} is the person whose work it was, as the bag says; {@code owner} whose it becomes. */
    RecordsIntake(DSLContext db, BagFile bag, UUID from, UUID owner, RowFitting fitting) {
        this.db = db;
        this.bag = bag;
        this.from = from;
        this.owner = owner;
        this.fitting = fitting;
    }

    void take() throws IOException {
        for (var table : BagTables.ALL) {
            take(table);
        }
    }

    /** What came in of a table, by id. */
    Set<UUID> taken(Table<?> table) {
        return taken.getOrDefault(table, Set.of());
    }

    /** How many lines were left out, as they are keyed to points that the syllabus here no longer has. */
    int lost() {
        return lost;
    }

    private void take(BagTable table) throws IOException {
        try (var lines = RecordLines.of(bag, table)) {
            try {
                for (var line = lines.next(); line.isPresent(); line = lines.next()) {
                    take(table, line.get());
                }
                flush();
            } catch (IllegalArgumentException | DataIntegrityViolationException odd) {
                throw new IllegalArgumentException(
                        "Line %d of %s does not fit with the rest of the bag, so nothing was taken in."
                                .formatted(lines.number(), BagRecords.path(table)),
                        odd);
            }
        }
    }

    private void take(BagTable table, String line) throws IOException {
        var row = RowJson.read(line, table.columns());
        mapped(table, row);
        if (isHere(table, row)) {
            table.id().ifPresent(id -> add(here, table, id(row, id)));
            return;
        }
        if (!isKeptByReferences(table, row)) {
            lost++;
            table.id().ifPresent(id -> add(gone, table, id(row, id)));
            return;
        }
        fitting.fit(table, row).forEach(picture -> isThere(MEDIA, picture));
        waiting.add(insert(table, row));
        table.id().ifPresent(id -> add(taken, table, id(row, id)));
        if (waiting.size() >= AT_ONCE) {
            flush();
        }
    }

    /** What is gone is named no more where a row can do without; where it can't, the row goes too. */
    private boolean isKeptByReferences(BagTable table, Map<Field<?>, Object> row) {
        var missing = table.references()
                .filter(reference -> row.get(reference.from()) instanceof UUID named && !isThere(reference.to(), named))
                .map(Reference::from)
                .toList();
        missing.forEach(row::remove);
        return missing.stream().allMatch(column -> column.getDataType().nullable());
    }

    private void flush() {
        db.batch(waiting).execute();
        waiting.clear();
    }

    private Query insert(BagTable table, Map<Field<?>, Object> row) {
        var insert = db.insertInto(table.table()).set(row);
        return table.table().equals(LINK_CARD) ? insert.onDuplicateKeyIgnore() : insert;
    }

    /** The school's own things get ids that only this person's bags lead to: nobody can name what is really there. */
    private void mapped(BagTable table, Map<Field<?>, Object> row) {
        if (BagTables.OF_THE_SCHOOL.contains(table.table())) {
            var id = table.id().orElseThrow();
            row.put(id, mapped(table.table(), id(row, id)));
        }
        table.references()
                .filter(reference -> BagTables.OF_THE_SCHOOL.contains(reference.to()))
                .forEach(reference -> row.computeIfPresent(
                        reference.from(), (column, named) -> mapped(reference.to(), (UUID) named)));
    }

    private UUID mapped(Table<?> table, UUID id) {
        return table.equals(PERSON) && id.equals(from)
                ? owner
                : UuidCreator.getNameBasedSha1(owner, table.getName() + " " + id);
    }

    private boolean isHere(BagTable table, Map<Field<?>, Object> row) {
        return switch (table.place()) {
            case Owned ignored -> exists(table, id(row, table.id().orElseThrow()));
            case Shared ignored -> exists(table, id(row, table.id().orElseThrow()));
            case Part part -> {
                var whole = id(row, part.link());
                var isOwnLine = row.get(SYLLABUS_NODE.NOTEBOOK_ID) instanceof UUID notebook
                        && taken(NOTEBOOK).contains(notebook);
                var isNew = taken(part.whole().table()).contains(whole) || isOwnLine;
                if (!isNew && !isIn(here, part.whole().table(), whole)) {
                    throw new IllegalArgumentException("A part of what is not in the bag");
                }
                yield !isNew;
            }
        };
    }

    private boolean exists(BagTable table, UUID id) {
        return db.fetchExists(table.table(), table.id().orElseThrow().eq(id));
    }

    /**
     * Whether something that a row names is there for it. What came along is, and of what is here what is the person's; a line that
     * the syllabus here no longer has is not, and anything else does not fit.
     */
    private boolean isThere(Table<?> to, UUID named) {
        if (taken(to).contains(named) || (to.equals(PERSON) && named.equals(owner))) {
            return true;
        }
        if (isIn(gone, to, named)) {
            return false;
        }
        var table = BagTables.of(to);
        if (to.equals(SYLLABUS_NODE)) {
            return isLineHere(table, named);
        }
        var isOurs = table.place() instanceof Shared
                ? isIn(here, to, named)
                : db.fetchExists(to, table.id().orElseThrow().eq(named).and(isMine(table)));
        if (!isOurs) {
            throw new IllegalArgumentException("It names something that is not in the bag");
        }
        return true;
    }

    private boolean isLineHere(BagTable table, UUID named) {
        if (!linesHere.contains(named) && isIn(here, table.table(), named) && exists(table, named)) {
            linesHere.add(named);
        }
        return linesHere.contains(named);
    }

    private Condition isMine(BagTable table) {
        return table.place() instanceof Owned owned
                ? owned.owner().eq(owner)
                : table.which().apply(Whose.all(owner));
    }

    private static UUID id(Map<Field<?>, Object> row, TableField<?, UUID> column) {
        if (row.get(column) instanceof UUID id) {
            return id;
        }
        throw new IllegalArgumentException("A row without its id");
    }

    private static void add(Map<Table<?>, Set<UUID>> ids, BagTable table, UUID id) {
        ids.computeIfAbsent(table.table(), any -> new HashSet<>()).add(id);
    }

    private static boolean isIn(Map<Table<?>, Set<UUID>> ids, Table<?> table, UUID id) {
        return ids.getOrDefault(table, Set.of()).contains(id);
    }
}
