package notchbook.app.handin;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.app.handin.SealedViews.SealedPageView;

/**
 * Work as its student shows it to others: frozen, without what is their own. {@code topics} are those that it is about, by code
 * and title; {@code kind}, {@code picture} and {@code words} of what comes first are by what it is known again; {@code media} is all that is seen and heard in it.
 */
public record Exhibit(
        String title,
        List<String> topics,
        EntryKind kind,
        Optional<UUID> picture,
        String words,
        List<SealedPageView> pages,
        Set<UUID> media) {}
