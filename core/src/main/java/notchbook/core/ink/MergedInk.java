package notchbook.core.ink;

import java.util.HashSet;
import java.util.List;
import java.util.stream.Stream;

/** Two changes of one drawing as one drawing (docs/rules.md, Merging): what either side drew is there, what either rubbed out is not. */
public final class MergedInk {
    private MergedInk() {}

    public static Drawing of(Drawing base, Drawing mine, Drawing theirs) {
        var before = new HashSet<>(base.strokes());
        var kept = new HashSet<>(mine.strokes());
        var known = new HashSet<>(theirs.strokes());
        var stayed = theirs.strokes().stream().filter(stroke -> kept.contains(stroke) || !before.contains(stroke));
        var drawn = mine.strokes().stream().filter(stroke -> !before.contains(stroke) && !known.contains(stroke));
        List<Stroke> strokes = Stream.concat(stayed, drawn).toList();
        return new Drawing(Math.max(mine.width(), theirs.width()), Math.max(mine.height(), theirs.height()), strokes);
    }
}
