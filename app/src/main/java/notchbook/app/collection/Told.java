package notchbook.app.collection;

import java.util.List;
import java.util.Map;
import java.util.UUID;

/** What its student says of a thing: why it was kept, under which heading it stands, and its values by the detail. */
public record Told(String why, String heading, Map<UUID, List<String>> values) {
    static final Told NOTHING = new Told("", "", Map.of());

    List<String> of(UUID detail) {
        return values.getOrDefault(detail, List.of());
    }
}
