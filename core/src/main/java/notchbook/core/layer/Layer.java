package notchbook.core.layer;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What lies on top of a picture, the lowest first. Its units are its own: {@code width} of them are the width of the picture,
 * {@code height} its height.
 */
public record Layer(int width, int height, List<Thing> things) {
    private static final int LARGEST_SIDE = 20_000;
    private static final int MOST_THINGS = 5_000;

    /** With a set of 120 pages, all written on, an entry stays within what a request may hold. */
    private static final int MOST_POINTS = 100_000;

    public Layer {
        things = List.copyOf(things);
        if (width < 1 || height < 1 || width > LARGEST_SIDE || height > LARGEST_SIDE) {
            throw new IllegalArgumentException(
                    "A layer is 1 to 20,000 units wide and high, not " + width + " × " + height + ".");
        }
        if (things.size() > MOST_THINGS || points(things) > MOST_POINTS) {
            throw new IllegalArgumentException("There is too much on this picture. Put it in again and go on there.");
        }
        var ids = new HashSet<>(things.stream().map(Thing::id).toList());
        if (ids.size() < things.size()) {
            throw new IllegalArgumentException("The same thing is on this picture twice. Take one of them away.");
        }
    }

    private static long points(List<Thing> things) {
        return things.stream()
                .mapToLong(thing ->
                        thing instanceof Thing.Ink ink ? ink.stroke().points().size() : 1)
                .sum();
    }

    public boolean isEmpty() {
        return things.isEmpty();
    }

    /** All that it says, from the lowest thing up; what search and suggestions read. */
    public String words() {
        return things.stream()
                .map(Thing::words)
                .filter(words -> !words.isBlank())
                .collect(Collectors.joining("\n"));
    }

    /** The same things where {@code way} takes them, {@code growth} times as large, on a picture of another height. */
    public Layer moved(UnaryOperator<Place> way, double growth, int newHeight) {
        var moving = new Moving(way, growth);
        return new Layer(width, newHeight, things.stream().map(moving::thing).toList());
    }

    /** Its spots, the lowest first. */
    public Stream<Thing.Spot> spots() {
        return things.stream().flatMap(thing -> thing instanceof Thing.Spot spot ? Stream.of(spot) : Stream.empty());
    }

    /** The spot of an id. */
    public Optional<Thing.Spot> spot(UUID id) {
        return spots().filter(spot -> spot.id().equals(id)).findFirst();
    }
}
