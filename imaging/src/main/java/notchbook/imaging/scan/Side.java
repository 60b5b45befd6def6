package notchbook.imaging.scan;

import java.util.Optional;
import org.opencv.core.Point;

/** A straight line across a picture: the points p with p · (cos, sin) = rho; {@code weight} is how much of it was seen, in px. */
record Side(double angle, double rho, double weight) {
    /** The line through a piece of it. */
    static Side through(Point a, Point b, double weight) {
        var angle = Math.atan2(b.x - a.x, -(b.y - a.y));
        var rho = a.x * Math.cos(angle) + a.y * Math.sin(angle);
        return rho < 0 ? new Side(turned(angle + Math.PI), -rho, weight) : new Side(turned(angle), rho, weight);
    }

    private static double turned(double angle) {
        var whole = 2 * Math.PI;
        return ((angle % whole) + whole) % whole;
    }

    /** The angle between two lines, from 0 to a right one. */
    double angleTo(Side other) {
        var apart = Math.abs(angle - other.angle) % Math.PI;
        return Math.min(apart, Math.PI - apart);
    }

    /** How far two lines that run about the same way are apart at a point, in px. */
    double apartFrom(Side other, Point at) {
        var sameWay = Math.cos(angle - other.angle) >= 0 ? 1 : -1;
        return Math.abs(distance(at) - sameWay * other.distance(at));
    }

    private double distance(Point at) {
        return at.x * Math.cos(angle) + at.y * Math.sin(angle) - rho;
    }

    /** Where two lines meet; empty when they run beside each other. */
    Optional<Point> meets(Side other) {
        var det = Math.sin(other.angle - angle);
        if (Math.abs(det) < 0.05) {
            return Optional.empty();
        }
        return Optional.of(new Point(
                (rho * Math.sin(other.angle) - other.rho * Math.sin(angle)) / det,
                (other.rho * Math.cos(angle) - rho * Math.cos(other.angle)) / det));
    }
}
