package notchbook.core.ink;

/**
 * One sample of the pen: place in px of the drawing, pressure from 0 to 1, time in ms since the stroke began, and tilt in
 * degrees from upright (0) to lying on the surface (90).
 */
public record InkPoint(double x, double y, double pressure, int millis, double tilt) {
    private static final double LYING = 90;

    public InkPoint {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            throw new IllegalArgumentException("An ink point lies nowhere.");
        }
        if (!(pressure >= 0 && pressure <= 1)) {
            throw new IllegalArgumentException("Pen pressure lies between 0 and 1, not at " + pressure + ".");
        }
        if (millis < 0) {
            throw new IllegalArgumentException("An ink point can't come before its stroke.");
        }
        if (!(tilt >= 0 && tilt <= LYING)) {
            throw new IllegalArgumentException("A pen's tilt lies between 0 and 90 degrees, not at " + tilt + ".");
        }
    }

    /** A sample of a pen that is held upright, or that doesn't tell. */
    public InkPoint(double x, double y, double pressure, int millis) {
        this(x, y, pressure, millis, 0);
    }

    /** The same sample at another place. */
    public InkPoint at(double newX, double newY) {
        return new InkPoint(newX, newY, pressure, millis, tilt);
    }

    /** The sample that lies {@code share} (0 to 1) of the way to the next one. */
    InkPoint towards(InkPoint next, double share) {
        return new InkPoint(
                between(x, next.x, share),
                between(y, next.y, share),
                between(pressure, next.pressure, share),
                (int) Math.round(between(millis, next.millis, share)),
                between(tilt, next.tilt, share));
    }

    double distanceTo(InkPoint other) {
        return Plane.distance(x, y, other.x, other.y);
    }

    private static double between(double from, double to, double share) {
        return from + share * (to - from);
    }
}
