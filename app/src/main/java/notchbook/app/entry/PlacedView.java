package notchbook.app.entry;

import java.util.Optional;
import java.util.UUID;

/** A view of a collection that stands on a page: all of it where no kept view is named; {@code name} is what it was called when it was put there. */
public record PlacedView(UUID collection, Optional<UUID> view, String name) {
    private static final int LONGEST_NAME = 250;

    public PlacedView {
        name = name.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("A view on a page has a name of up to 250 characters.");
        }
    }
}
