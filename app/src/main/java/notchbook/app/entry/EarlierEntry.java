package notchbook.app.entry;

import java.time.Instant;

/** What an entry was until {@code savedAt}, when something else took its place. */
public record EarlierEntry(int version, String content, String caption, Instant savedAt) {}
