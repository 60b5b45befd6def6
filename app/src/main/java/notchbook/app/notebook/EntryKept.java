package notchbook.app.notebook;

import java.util.UUID;

/** An entry was made or changed; told within the transaction that keeps it. */
public record EntryKept(UUID ownerId, Entry entry) {}
