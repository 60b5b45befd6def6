package notchbook.core.scan;

import java.util.List;
import java.util.stream.IntStream;
import notchbook.core.layer.Place;

/**
 * A projective map of the plane, as the nine numbers of its matrix by rows.
 * Source of the square's map: Heckbert, Fundamentals of Texture Mapping and Image Warping (1989), section 2.2.3.
 */
record Projection(List<Double> m) {
    /** Seen from so nearly along its plane, a page has run into a line. */
    private static final double HORIZON = 1e-6;

    /** From a made picture, its sides as 0 to 1, to the photo that the recipe makes it of. */
    static Projection of(Recipe recipe) {
        return ofSquare(recipe.quad()).after(quarters(recipe.quarters()));
    }

    /** Where a place comes to lie. */
    Place of(double x, double y) {
        var w = m.get(6) * x + m.get(7) * y + m.get(8);
        var depth = Math.abs(w) < HORIZON ? HORIZON : w;
        return new Place(
                far((m.get(0) * x + m.get(1) * y + m.get(2)) / depth),
                far((m.get(3) * x + m.get(4) * y + m.get(5)) / depth));
    }

    /** What lies beyond the horizon is kept as far away as anything may be. */
    private static double far(double value) {
        return Math.clamp(value, -5, 5);
    }

    Projection inverse() {
        return new Projection(List.of(
                minor(4, 8, 5, 7),
                minor(2, 7, 1, 8),
                minor(1, 5, 2, 4),
                minor(5, 6, 3, 8),
                minor(0, 8, 2, 6),
                minor(2, 3, 0, 5),
                minor(3, 7, 4, 6),
                minor(1, 6, 0, 7),
                minor(0, 4, 1, 3)));
    }

    private double minor(int a, int b, int c, int d) {
        return m.get(a) * m.get(b) - m.get(c) * m.get(d);
    }

    /** First the other, then this. */
    private Projection after(Projection first) {
        return new Projection(IntStream.range(0, 9)
                .mapToObj(i -> IntStream.range(0, 3)
                        .mapToDouble(k -> m.get(i / 3 * 3 + k) * first.m.get(3 * k + i % 3))
                        .sum())
                .toList());
    }

    /** From a turned picture back to the one that was turned, by quarters to the right. */
    private static Projection quarters(int quarters) {
        return switch (quarters) {
            case 1 -> new Projection(List.of(0.0, 1.0, 0.0, -1.0, 0.0, 1.0, 0.0, 0.0, 1.0));
            case 2 -> new Projection(List.of(-1.0, 0.0, 1.0, 0.0, -1.0, 1.0, 0.0, 0.0, 1.0));
            case 3 -> new Projection(List.of(0.0, -1.0, 1.0, 1.0, 0.0, 0.0, 0.0, 0.0, 1.0));
            default -> new Projection(List.of(1.0, 0.0, 0.0, 0.0, 1.0, 0.0, 0.0, 0.0, 1.0));
        };
    }

    /** From the unit square to a quad. */
    private static Projection ofSquare(Quad quad) {
        Corner a = quad.topLeft();
        Corner b = quad.topRight();
        Corner c = quad.bottomRight();
        Corner d = quad.bottomLeft();
        var sumX = a.x() - b.x() + c.x() - d.x();
        var sumY = a.y() - b.y() + c.y() - d.y();
        var dx1 = b.x() - c.x();
        var dy1 = b.y() - c.y();
        var dx2 = d.x() - c.x();
        var dy2 = d.y() - c.y();
        var area = dx1 * dy2 - dy1 * dx2;
        var g = (sumX * dy2 - sumY * dx2) / area;
        var h = (dx1 * sumY - dy1 * sumX) / area;
        return new Projection(List.of(
                b.x() - a.x() + g * b.x(),
                d.x() - a.x() + h * d.x(),
                a.x(),
                b.y() - a.y() + g * b.y(),
                d.y() - a.y() + h * d.y(),
                a.y(),
                g,
                h,
                1.0));
    }
}
