package notchbook.core.talk;

import java.util.List;
import java.util.UUID;
import notchbook.core.ink.Drawing;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Thing;
import notchbook.core.voice.Take;

/** A surface of {@code width} × {@code height} units, what lies on it (the lowest first), and when each of it comes. */
public record Talk(int width, int height, List<Thing> things, TalkThrough through) {
    public Talk {
        things = List.copyOf(things);
    }

    public static Talk of(Take take, Layer layer) {
        return of(take, layer.width(), layer.height(), layer.things());
    }

    public static Talk of(Take take, Drawing drawing) {
        var things = drawing.strokes().stream()
                .<Thing>map(stroke -> new Thing.Ink(UUID.randomUUID(), false, stroke))
                .toList();
        return of(take, drawing.width(), drawing.height(), things);
    }

    private static Talk of(Take take, int width, int height, List<Thing> things) {
        var drawn = things.stream()
                .map(thing -> new TalkThrough.Drawn(thing.madeAt(), thing.millis()))
                .toList();
        return new Talk(width, height, things, TalkThrough.of(take, drawn));
    }
}
