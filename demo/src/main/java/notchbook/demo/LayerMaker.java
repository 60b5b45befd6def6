package notchbook.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import notchbook.core.ink.Stroke;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Lettering;
import notchbook.core.layer.Place;
import notchbook.core.layer.Thing;

/**
 * What a student wrote on a sheet, of the lines under it in an outline, in units of a layer 800 wide: {@code + marker x y toX},
 * {@code + ring x y a b}, {@code + hand x y words}, {@code + label x y words}, {@code + callout tipX tipY x y words},
 * {@code + box left top right bottom}, {@code + spot x y words}; a slash between spaces begins a new line of words.
 */
final class LayerMaker {
    private static final int WIDTH = 800;
    private static final double LETTERS = 19;

    /** The height of a small letter that is written by hand. */
    private static final double HAND = 14;

    private final int height;
    private final List<Thing> things = new ArrayList<>();
    private int spots;

    private LayerMaker(int height) {
        this.height = height;
    }

    /** {@code widthToHeight} is the picture's proportion. */
    static Layer of(List<String> lines, double widthToHeight) {
        var maker = new LayerMaker((int) Math.round(WIDTH / widthToHeight));
        lines.forEach(line -> maker.add(line.substring(2).split(" ")));
        return new Layer(WIDTH, maker.height, maker.things);
    }

    private void add(String[] parts) {
        switch (parts[0]) {
            case "marker" ->
                ink(pen -> pen.with("#FFD27A", 24).highlight(number(parts, 1), number(parts, 2), number(parts, 3)));
            case "ring" ->
                ink(pen -> pen.with(Pen.RED, 3.5)
                        .ring(number(parts, 1), number(parts, 2), number(parts, 3), number(parts, 4)));
            case "hand" ->
                ink(pen -> pen.with(Pen.BLUE, 3).words(number(parts, 1), number(parts, 2), HAND, words(parts, 3)));
            case "label" -> things.add(new Thing.Label(UUID.randomUUID(), false, lettering(parts, 1)));
            case "callout" ->
                things.add(new Thing.Callout(UUID.randomUUID(), false, lettering(parts, 3), place(parts, 1)));
            case "box" ->
                things.add(new Thing.Box(UUID.randomUUID(), true, "#41702F", place(parts, 1), place(parts, 3)));
            case "spot" ->
                things.add(new Thing.Spot(UUID.randomUUID(), false, ++spots, place(parts, 1), words(parts, 3)));
            default -> throw new IllegalArgumentException("Nothing is put on a sheet by “" + parts[0] + "”.");
        }
    }

    private void ink(Consumer<Pen> draws) {
        var pen = new Pen(WIDTH, height, things.size() + 1L);
        draws.accept(pen);
        pen.drawing().strokes().stream()
                .map(Stroke::settled)
                .map(stroke -> new Thing.Ink(UUID.randomUUID(), false, stroke))
                .forEach(things::add);
    }

    private static Lettering lettering(String[] parts, int from) {
        return new Lettering(place(parts, from), LETTERS, Pen.RED, words(parts, from + 2));
    }

    private static Place place(String[] parts, int from) {
        return new Place(number(parts, from), number(parts, from + 1));
    }

    private static double number(String[] parts, int at) {
        return Double.parseDouble(parts[at]);
    }

    private static String words(String[] parts, int from) {
        return String.join(" ", Stream.of(parts).skip(from).toList()).replace(" / ", "\n");
    }
}
