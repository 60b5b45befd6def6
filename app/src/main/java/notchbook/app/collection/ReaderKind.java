package notchbook.app.collection;

import static notchbook.tables.Tables.COLLECTION_FOR_CLASS;
import static notchbook.tables.Tables.COLLECTION_FOR_GROUP;
import static notchbook.tables.Tables.COLLECTION_FOR_PERSON;

import java.util.UUID;
import org.jooq.TableField;

/** To whom a collection can be shown by name, with the columns that say which collection and to whom. */
public enum ReaderKind {
    CLASS(COLLECTION_FOR_CLASS.COLLECTION_ID, COLLECTION_FOR_CLASS.CLASS_ID),
    GROUP(COLLECTION_FOR_GROUP.COLLECTION_ID, COLLECTION_FOR_GROUP.GROUP_ID),
    PERSON(COLLECTION_FOR_PERSON.COLLECTION_ID, COLLECTION_FOR_PERSON.PERSON_ID);

    final TableField<?, UUID> collection;
    final TableField<?, UUID> reader;

    ReaderKind(TableField<?, UUID> collection, TableField<?, UUID> reader) {
        this.collection = collection;
        this.reader = reader;
    }
}
