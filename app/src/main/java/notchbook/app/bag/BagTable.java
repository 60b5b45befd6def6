package notchbook.app.bag;

import static org.jooq.impl.DSL.select;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.ForeignKey;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.Table;
import org.jooq.TableField;

/**
 * A table whose rows go into a bag: which of them are somebody's, and which of their columns stay at home. Its rows are parts of
 * those of another table ({@link Part}), have an owner themselves ({@link Owned}), or are there for several ({@link Shared}).
 */
record BagTable(Table<?> table, Place place, Function<Whose, Condition> which, List<Field<?>> atHome) {
    sealed interface Place {}

    /** {@code link} says of which row of {@code whole} one is a part. */
    record Part(BagTable whole, TableField<?, UUID> link) implements Place {}

    record Owned(TableField<?, UUID> owner) implements Place {}

    record Shared() implements Place {}

    /** Whoever takes a row in becomes its owner, so that is not told. */
    static BagTable owned(TableField<?, UUID> owner, Function<Whose, Condition> which, Field<?>... atHome) {
        return new BagTable(
                owner.getTable(),
                new Owned(owner),
                which,
                Stream.concat(Stream.of(owner), Stream.of(atHome)).toList());
    }

    static BagTable shared(Table<?> table, Function<Whose, Condition> which, Field<?>... atHome) {
        return new BagTable(table, new Shared(), which, List.of(atHome));
    }

    static BagTable part(BagTable whole, TableField<?, UUID> link, Field<?>... atHome) {
        return part(whole, link, whose -> link.in(whole.ids(whose)), atHome);
    }

    static BagTable part(
            BagTable whole, TableField<?, UUID> link, Function<Whose, Condition> which, Field<?>... atHome) {
        return new BagTable(link.getTable(), new Part(whole, link), which, List.of(atHome));
    }

    /** The columns that go along. */
    List<Field<?>> columns() {
        return Stream.<Field<?>>of(table.fields())
                .filter(column -> !atHome.contains(column))
                .toList();
    }

    /** What one row is known by; none where it takes several columns. */
    Optional<TableField<?, UUID>> id() {
        return Optional.ofNullable(table.getPrimaryKey())
                .map(key -> key.getFields())
                .filter(fields -> fields.size() == 1 && fields.getFirst().getType() == UUID.class)
                .map(fields -> uuid(fields.getFirst()));
    }

    Select<Record1<UUID>> ids(Whose whose) {
        return select(id().orElseThrow()).from(table).where(which.apply(whose));
    }

    /** Its columns that name a row of another table, as the database has them. */
    Stream<Reference> references() {
        return table.getReferences().stream()
                .map(Reference::of)
                .filter(reference -> !atHome.contains(reference.from()));
    }

    /** A column that names a row of a table by its id. */
    record Reference(TableField<?, UUID> from, Table<?> to) {
        private static Reference of(ForeignKey<?, ?> key) {
            return new Reference(uuid(key.getFields().getFirst()), key.getKey().getTable());
        }
    }

    String name() {
        return table.getName();
    }

    @SuppressWarnings("unchecked")
    private static TableField<?, UUID> uuid(TableField<?, ?> field) {
        return (TableField<?, UUID>) field;
    }
}
