package notchbook.formats.layer;

import java.util.List;
import java.util.UUID;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Lettering;
import notchbook.core.layer.Place;
import notchbook.core.layer.Thing;

/** A layer with one of everything, 800 × 400 units. */
public final class Layers {
    private Layers() {}

    public static Layer full() {
        var line = new Stroke(
                Stroke.Tool.HIGHLIGHTER,
                "#FFD27A",
                22,
                List.of(new InkPoint(40, 300, 0.5, 0), new InkPoint(400, 310, 0.5, 400, 20)));
        return new Layer(
                800,
                400,
                List.of(
                        new Thing.Ink(id(1), false, line),
                        new Thing.Box(id(2), true, "#A23B2C", new Place(420.5, 40), new Place(600, 160)),
                        new Thing.Label(id(3), false, words(40, 40, "Still <water> & \"air\"")),
                        new Thing.Callout(
                                id(4), false, words(500, 250, "Mind the gap\nbetween crests"), new Place(430, 100)),
                        new Thing.Spot(id(5), false, 1, new Place(200, 100), "Crest of the wave"),
                        new Thing.Spot(id(6), false, 2, new Place(300, 120), "")));
    }

    private static Lettering words(double x, double y, String words) {
        return new Lettering(new Place(x, y), 20, "#FFFFFF", words);
    }

    private static UUID id(int n) {
        return new UUID(0, n);
    }
}
