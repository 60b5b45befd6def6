package notchbook.app.handin;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.handin.Picked;

/** What was picked, as it stands in an address: what is not there was not picked. */
record PickedQuery(
        Optional<UUID> section,
        Optional<List<UUID>> pages,
        Optional<UUID> notebook,
        Optional<LocalDate> monday,
        Optional<UUID> book,
        Optional<UUID> collection) {
    Picked picked() {
        return new PickedView(section, pages.orElse(List.of()), notebook, monday, book, collection).picked();
    }
}
