package notchbook.core.review;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Zone.Role;
import notchbook.core.text.Document;
import notchbook.core.text.OwnWords;

/** How far the notes on a source are in the student's own words. */
public final class OwnWordsOnPage {
    private OwnWordsOnPage() {}

    /**
     * Each typed note in the margin and in the summary, measured against all that stands in the middle. A pattern without
     * a margin has no source, and nothing is measured.
     */
    public static Map<UUID, OwnWords> measure(Pattern pattern, List<FoldedEntry> entries) {
        var measured = new LinkedHashMap<UUID, OwnWords>();
        if (pattern.zones().stream().noneMatch(zone -> zone.role() == Role.MARGIN)) {
            return measured;
        }
        var source = texts(pattern, entries, Role.MAIN).values();
        for (var role : List.of(Role.MARGIN, Role.SUMMARY)) {
            texts(pattern, entries, role)
                    .forEach((id, text) -> measured.put(id, OwnWords.measure(text, List.copyOf(source))));
        }
        return measured;
    }

    private static Map<UUID, Document> texts(Pattern pattern, List<FoldedEntry> entries, Role role) {
        var texts = new LinkedHashMap<UUID, Document>();
        entries.stream()
                .filter(entry -> pattern.zoneOf(entry.zone()).role() == role)
                .forEach(entry -> entry.text().ifPresent(text -> texts.put(entry.id(), text)));
        return texts;
    }
}
