package notchbook.core.scan;

/** A place in a photo: shares of its width from the left and of its height from the top, a little outside allowed. */
public record Corner(double x, double y) {
    /** A page that runs out of the photo has its corner there, as far as it can be guessed. */
    private static final double MOST_OUTSIDE = 0.25;

    public Corner {
        if (!isInside(x) || !isInside(y)) {
            throw new IllegalArgumentException("A corner lies on the photo or right beside it.");
        }
    }

    private static boolean isInside(double share) {
        return share >= -MOST_OUTSIDE && share <= 1 + MOST_OUTSIDE;
    }
}
