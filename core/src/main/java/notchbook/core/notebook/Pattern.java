package notchbook.core.notebook;

import java.util.List;
import notchbook.core.notebook.Zone.Role;

/** The zones and prompts of a page, by a name; at most one column on either side. */
public record Pattern(String name, List<Zone> zones) {
    private static final int LONGEST_NAME = 60;

    /** More boxes than that are more than a page. */
    private static final int MOST_ZONES = 12;

    public Pattern {
        zones = List.copyOf(zones);
        require(!name.isBlank() && name.length() <= LONGEST_NAME, "Give the pattern a name of up to 60 characters.");
        require(!zones.isEmpty() && zones.size() <= MOST_ZONES, "A pattern has 1 to 12 zones.");
        require(zones.stream().map(Zone::key).distinct().count() == zones.size(), "Two zones are the same one.");
        for (var column : List.of(Role.CUES, Role.MARGIN)) {
            require(
                    zones.stream().filter(zone -> zone.role() == column).count() <= 1,
                    "A page has room for one column on either side.");
        }
        require(
                zones.stream().anyMatch(zone -> zone.role() == Role.MAIN || zone.role() == Role.BOX),
                "A pattern needs a zone in the middle or a box.");
    }

    /** Where entries stand that belong to no zone of this pattern: its first zone in the middle, else its first box. */
    public Zone home() {
        return zones.stream()
                .filter(zone -> zone.role() == Role.MAIN)
                .findFirst()
                .orElseGet(() -> zones.stream()
                        .filter(zone -> zone.role() == Role.BOX)
                        .findFirst()
                        .orElseThrow());
    }

    /** The zone in which an entry is shown that was made for the zone {@code key}, of this pattern or of another. */
    public Zone zoneOf(String key) {
        return zones.stream().filter(zone -> zone.key().equals(key)).findFirst().orElseGet(this::home);
    }

    private static void require(boolean holds, String message) {
        if (!holds) {
            throw new IllegalArgumentException(message);
        }
    }
}
