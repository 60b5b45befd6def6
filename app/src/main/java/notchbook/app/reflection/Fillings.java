package notchbook.app.reflection;

import static java.util.stream.Collectors.toMap;

import java.util.Collection;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.Sound;
import notchbook.core.reflection.Answer;
import notchbook.core.reflection.Filled;
import org.springframework.stereotype.Component;

/** Measures answers: words typed, time spoken, and what was written by hand. */
@Component
public class Fillings {
    private static final Set<EntryKind> SPOKEN = Set.of(EntryKind.RECORDING, EntryKind.CLIP);

    private final NotebookEntries entries;
    private final Media media;

    Fillings(NotebookEntries entries, Media media) {
        this.entries = entries;
        this.media = media;
    }

    /** The entries that answers were made of, and their sounds. */
    public record Measure(Map<UUID, Entry> made, Map<UUID, MediaItem> sounds) {
        public Filled of(Answer answer) {
            var own = answer.made().stream()
                    .filter(made::containsKey)
                    .map(made::get)
                    .filter(entry -> !entry.isEmpty())
                    .toList();
            return Filled.of(
                    answer,
                    own.stream().mapToDouble(this::seconds).sum(),
                    own.stream().anyMatch(entry -> !SPOKEN.contains(entry.kind())));
        }

        /** How many answers are as long as asked and have what they were asked for. */
        public int met(Answering sheet) {
            return (int) sheet.answered().stream()
                    .filter(one -> !one.answer().hasNothing())
                    .filter(one -> one.prompt().isMetBy(one.answer(), of(one.answer())))
                    .count();
        }

        private double seconds(Entry entry) {
            return entry.mediaId()
                    .map(sounds::get)
                    .flatMap(MediaItem::sound)
                    .map(Sound::seconds)
                    .orElse(0.0);
        }
    }

    /** Measures the answers of sheets. */
    public Measure over(Collection<? extends Answering> sheets) {
        var ids = sheets.stream().flatMap(sheet -> sheet.made().stream()).toList();
        var notebooks = sheets.stream().map(Answering::notebookId).distinct().toList();
        var made = entries.among(notebooks, ids).stream().collect(toMap(Entry::id, entry -> entry));
        var sounds = made.values().stream()
                .filter(entry -> SPOKEN.contains(entry.kind()))
                .flatMap(entry -> entry.mediaId().stream())
                .toList();
        return new Measure(made, media.findAll(sounds));
    }
}
