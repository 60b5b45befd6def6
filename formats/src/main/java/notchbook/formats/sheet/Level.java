package notchbook.formats.sheet;

import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.text.Passages;
import notchbook.formats.sheet.SectionSheet.Entry;
import notchbook.formats.sheet.SectionSheet.Typed;

/**
 * Entries of the middle, and the notes in the columns that stand level with them. A level begins at each entry that a note
 * stands beside; notes that stand beside nothing come last, as on the screen.
 */
public record Level(List<Entry> middle, List<Entry> cues, List<Entry> margin) {
    private Level() {
        this(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
    }

    public static List<Level> of(List<Entry> middle, List<Entry> cues, List<Entry> margin) {
        var entryOf = entriesByName(middle);
        var besideEntry = Stream.concat(cues.stream(), margin.stream())
                .flatMap(note -> note.beside().map(entryOf::get).stream())
                .collect(toSet());
        var levels = new ArrayList<>(List.of(new Level()));
        var levelOf = new HashMap<UUID, Level>();
        for (var entry : middle) {
            if (besideEntry.contains(entry.id()) && !levels.getLast().middle().isEmpty()) {
                levels.add(new Level());
            }
            levels.getLast().middle().add(entry);
            levelOf.put(entry.id(), levels.getLast());
        }
        cues.forEach(
                note -> beside(note, entryOf, levelOf, levels.getLast()).cues().add(note));
        margin.forEach(note ->
                beside(note, entryOf, levelOf, levels.getLast()).margin().add(note));
        return levels;
    }

    private static Level beside(Entry note, Map<UUID, UUID> entryOf, Map<UUID, Level> levelOf, Level otherwise) {
        return note.beside().map(entryOf::get).map(levelOf::get).orElse(otherwise);
    }

    /** The entries by what a note can name to stand beside them: the entry, or a passage of its text. */
    private static Map<UUID, UUID> entriesByName(List<Entry> entries) {
        var byName = new HashMap<UUID, UUID>();
        for (var entry : entries) {
            byName.put(entry.id(), entry.id());
            Optional.of(entry.content())
                    .filter(Typed.class::isInstance)
                    .map(typed ->
                            Passages.of(((Typed) typed).document()).words().keySet())
                    .ifPresent(passages -> passages.forEach(passage -> byName.put(passage, entry.id())));
        }
        return byName;
    }
}
