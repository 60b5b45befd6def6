package notchbook.app.entry;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * A piece of work by what it is known again: its name, its first words, its picture, or how loud it is from 0 to 100 in equal steps and
 * how many seconds it takes.
 */
public record Glimpse(
        UUID id,
        UUID pageId,
        EntryKind kind,
        String name,
        String words,
        Optional<UUID> picture,
        List<Integer> peaks,
        double seconds) {}
