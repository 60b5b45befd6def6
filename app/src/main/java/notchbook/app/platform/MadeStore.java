package notchbook.app.platform;

import java.util.Objects;
import java.util.UUID;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Table;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * A table of things that jobs work on, with columns {@code id}, {@code state}, {@code share} (how far each is, from 0 to 1), {@code
 * words} (why it failed, if it did) and, where a file comes of it, {@code bytes} (its size).
 */
public abstract class MadeStore {
    protected final DSLContext db;

    private final Table<?> table;

    protected MadeStore(DSLContext db, Table<?> table) {
        this.db = db;
        this.table = table;
    }

    /** Said beside the transaction that does the work; where a second run comes late, what is made stays made. */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void share(UUID id, double share) {
        db.update(table)
                .set(column("share", Double.class), share)
                .where(isIt(id), column("state", String.class).eq(MadeState.WAITING.name()))
                .execute();
    }

    /** False when it was deleted meanwhile. */
    public boolean ready(UUID id, long bytes) {
        return db.update(table)
                        .set(column("state", String.class), MadeState.READY.name())
                        .set(column("share", Double.class), 1.0)
                        .set(column("bytes", Long.class), bytes)
                        .where(isIt(id))
                        .execute()
                == 1;
    }

    public void failed(UUID id, String words) {
        db.update(table)
                .set(column("state", String.class), MadeState.FAILED.name())
                .set(column("words", String.class), words)
                .where(isIt(id))
                .execute();
    }

    public void delete(UUID id) {
        db.deleteFrom(table).where(isIt(id)).execute();
    }

    private Condition isIt(UUID id) {
        return column("id", UUID.class).eq(id);
    }

    private <T> Field<T> column(String name, Class<T> type) {
        return Objects.requireNonNull(table.field(name, type), name);
    }
}
