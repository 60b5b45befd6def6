package notchbook.app.entry;

import java.util.UUID;

/** How many entries there are in order of time, and which are at its two ends. */
public record Ends(int count, UUID first, UUID last) {}
