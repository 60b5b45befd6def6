package notchbook.app.gather;

import java.util.Optional;
import notchbook.app.platform.Refusal;
import notchbook.core.collection.Detail;
import notchbook.core.gather.Column;

/** What a column of a table becomes, as devices and the database have it; {@code detail} is there where it becomes one. */
record ColumnBody(Into into, Optional<Detail> detail) {
    static ColumnBody of(Column column) {
        return switch (column) {
            case Column.Of of -> new ColumnBody(Into.valueOf(of.part().name()), Optional.empty());
            case Column.As as -> new ColumnBody(Into.DETAIL, Optional.of(as.detail()));
            case Column.LeftOut ignored -> new ColumnBody(Into.NOTHING, Optional.empty());
        };
    }

    Column column() {
        return switch (into) {
            case NOTHING -> new Column.LeftOut();
            case DETAIL -> new Column.As(detail.orElseThrow(() -> Refusal.unfit("Say which detail a column becomes.")));
            default -> new Column.Of(Column.Part.valueOf(into.name()));
        };
    }
}
