package notchbook.core.gather;

import java.util.UUID;
import notchbook.core.collection.Detail;

/** What a column of a table becomes in a collection. */
public sealed interface Column {
    enum Part {
        NAME,
        ADDRESS,
        WHY,
        NOTE,
        HEADING
    }

    /** What every thing has. */
    record Of(Part part) implements Column {}

    /** A detail, one of the collection's or a new one. */
    record As(Detail detail) implements Column {
        public UUID id() {
            return detail.id();
        }
    }

    /** It stays out. */
    record LeftOut() implements Column {}
}
