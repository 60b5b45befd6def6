package notchbook.app.bag;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.UUID;
import notchbook.app.bag.BagTable.Part;
import notchbook.app.bag.BagTable.Shared;
import org.jooq.Condition;
import org.jooq.DSLContext;

/** A Notchbook from which all that is a person's own is gone, as if it had never been there. */
public final class Emptied {
    private Emptied() {}

    public static void of(DSLContext database, UUID person) {
        database.transaction(transaction -> {
            var db = transaction.dsl();
            var which = new ArrayList<Condition>();
            var ids = new HashMap<BagTable, List<UUID>>();
            var own = BagTables.ALL.stream().filter(Emptied::isOwn).toList();
            for (var table : own) {
                table.id()
                        .ifPresent(id -> ids.put(
                                table, db.fetch(table.ids(Whose.all(person))).getValues(id)));
            }
            for (var table : own) {
                which.add(
                        table.place() instanceof Part part
                                ? part.link().in(ids.get(part.whole()))
                                : table.id().orElseThrow().in(ids.get(table)));
            }
            db.execute("set foreign_key_checks = 0");
            for (var i = 0; i < own.size(); i++) {
                db.deleteFrom(own.get(i).table()).where(which.get(i)).execute();
            }
            db.execute("set foreign_key_checks = 1");
        });
    }

    private static boolean isOwn(BagTable table) {
        return switch (table.place()) {
            case Part part -> isOwn(part.whole());
            case Shared ignored -> false;
            case BagTable.Owned ignored -> true;
        };
    }
}
