package notchbook.core.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.mark.Mark;
import notchbook.core.notebook.Pattern;
import notchbook.core.notebook.Zone;
import notchbook.core.text.Document.Highlight;
import notchbook.core.text.Passages;

/**
 * What a page folds to for review: its key marks, highlights, margin notes and summary, in the order of the page. A
 * highlight within a passage that is kept whole is not said twice.
 */
public record Fold(List<Line> lines) {
    public enum Kind {
        CUE,
        KEY,
        HIGHLIGHT,
        MARGIN,
        SUMMARY
    }

    public record Line(Kind kind, UUID entry, String words) {}

    public static Fold of(Pattern pattern, List<FoldedEntry> entries) {
        var lines = new ArrayList<Line>();
        for (var zone : pattern.zones()) {
            entries.stream()
                    .filter(entry -> pattern.zoneOf(entry.zone()).equals(zone))
                    .forEach(entry -> lines.addAll(
                            whole(zone).map(kind -> kept(kind, entry)).orElseGet(() -> picked(entry))));
        }
        return new Fold(List.copyOf(lines));
    }

    /** As what a zone's entries are kept whole; nothing where only the marked parts are. */
    private static Optional<Kind> whole(Zone zone) {
        return switch (zone.role()) {
            case CUES -> Optional.of(Kind.CUE);
            case MARGIN -> Optional.of(Kind.MARGIN);
            case SUMMARY -> Optional.of(Kind.SUMMARY);
            case MAIN, BOX -> Optional.empty();
        };
    }

    private static List<Line> kept(Kind kind, FoldedEntry entry) {
        var isEmpty = entry.text().filter(text -> text.isBlank()).isPresent();
        return isEmpty ? List.of() : List.of(new Line(kind, entry.id(), entry.words()));
    }

    private static List<Line> picked(FoldedEntry entry) {
        var keys = entry.marks().stream().filter(Mark.Key.class::isInstance).toList();
        if (keys.stream().anyMatch(key -> key.passage().isEmpty())) {
            return List.of(new Line(Kind.KEY, entry.id(), entry.words()));
        }
        var lines = new ArrayList<Line>();
        var passages = entry.text().map(Passages::of);
        keys.stream()
                .flatMap(key -> passages.flatMap(all -> all.find(key.passage().orElseThrow())).stream())
                .forEach(words -> lines.add(new Line(Kind.KEY, entry.id(), words)));
        entry.text().stream()
                .flatMap(text -> text.lines().stream())
                .flatMap(line -> line.spans(Highlight.class::isInstance).stream())
                .filter(words -> lines.stream().noneMatch(line -> line.words().contains(words)))
                .toList()
                .forEach(words -> lines.add(new Line(Kind.HIGHLIGHT, entry.id(), words)));
        return lines;
    }
}
