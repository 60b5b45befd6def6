package notchbook.core.ink;

/** One sample of the pen: place in px of the drawing, pressure from 0 to 1, time in ms since the stroke began. */
public record InkPoint(double x, double y, double pressure, int millis) {
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
    }
}
