package notchbook.core.ink;

import java.util.List;

/** A drawing: a surface of {@code width} × {@code height} px and strokes in the order they were made. */
public record Drawing(int width, int height, List<Stroke> strokes) {
    /** More samples than a day of drawing makes; keeps a hostile drawing from filling memory. */
    private static final int MOST_POINTS = 500_000;

    private static final int LARGEST_SIDE = 10_000;

    public Drawing {
        strokes = List.copyOf(strokes);
        if (width < 1 || height < 1 || width > LARGEST_SIDE || height > LARGEST_SIDE) {
            throw new IllegalArgumentException(
                    "A drawing is 1 to 10,000 px wide and high, not " + width + " × " + height + ".");
        }
        if (strokes.stream().mapToLong(stroke -> stroke.points().size()).sum() > MOST_POINTS) {
            throw new IllegalArgumentException("This drawing has more than 500,000 points. Begin a second one.");
        }
    }

    public boolean isEmpty() {
        return strokes.isEmpty();
    }
}
