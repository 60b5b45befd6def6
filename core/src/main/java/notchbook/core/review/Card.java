package notchbook.core.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Zone.Role;
import notchbook.core.text.Passages;

/** A cue to answer aloud, and the entries that are shown after; {@code topics} are what it is about. */
public record Card(UUID cue, String words, List<UUID> answers, Set<UUID> topics) {
    /**
     * The cues of a page: those not known last time first, then those never asked, then the others, each group in the
     * order of the page. A cue that was written beside an entry (or a passage of it) is answered by it, another by all
     * that stands in the middle.
     */
    public static List<Card> of(Pattern pattern, List<FoldedEntry> entries, Map<UUID, Boolean> knewLastTime) {
        var cards = new ArrayList<Card>();
        for (var entry : entries) {
            if (pattern.zoneOf(entry.zone()).role() == Role.CUES
                    && !entry.words().isBlank()) {
                cards.add(card(pattern, entry, entries));
            }
        }
        cards.sort(Comparator.comparing(
                card -> !knewLastTime.containsKey(card.cue()) ? 1 : knewLastTime.get(card.cue()) ? 2 : 0));
        return List.copyOf(cards);
    }

    private static Card card(Pattern pattern, FoldedEntry cue, List<FoldedEntry> entries) {
        var others = entries.stream()
                .filter(entry -> pattern.zoneOf(entry.zone()).equals(pattern.home()))
                .toList();
        var beside = others.stream().filter(entry -> isBeside(cue, entry)).toList();
        var answers = beside.isEmpty() ? others : beside;
        var about = cue.topics().isEmpty() ? answers : List.of(cue);
        return new Card(
                cue.id(),
                cue.words(),
                answers.stream().map(FoldedEntry::id).toList(),
                about.stream().flatMap(entry -> entry.topics().stream()).collect(Collectors.toSet()));
    }

    private static boolean isBeside(FoldedEntry cue, FoldedEntry entry) {
        return cue.beside()
                .filter(place -> place.equals(entry.id())
                        || entry.text()
                                .flatMap(text -> Passages.of(text).find(place))
                                .isPresent())
                .isPresent();
    }
}
