package notchbook.core.layer;

/** A place on a layer, in its units. It may lie outside: what was cropped away keeps what was written on it. */
public record Place(double x, double y) {
    private static final double FARTHEST = 100_000;

    public Place {
        if (!(Math.abs(x) <= FARTHEST && Math.abs(y) <= FARTHEST)) {
            throw new IllegalArgumentException("What is written on a picture lies on it or near it.");
        }
    }
}
