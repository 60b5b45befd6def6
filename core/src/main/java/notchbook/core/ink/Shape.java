package notchbook.core.ink;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A regular figure that a stroke was meant to be; lengths in px, angles in radians clockwise from the right. */
public sealed interface Shape {
    /** A place on the drawing. */
    record Place(double x, double y) {
        double distanceTo(Place other) {
            return Plane.distance(x, y, other.x, other.y);
        }

        /** The place {@code length} away in a direction. */
        Place away(double length, double angle) {
            return new Place(x + length * Math.cos(angle), y + length * Math.sin(angle));
        }

        double angleTo(Place other) {
            return Math.atan2(other.y - y, other.x - x);
        }
    }

    /** The corners in the order in which a pen would draw them. */
    List<Place> path();

    record Line(Place from, Place to) implements Shape {
        @Override
        public List<Place> path() {
            return List.of(from, to);
        }
    }

    /** A line with a head at its end. */
    record Arrow(Place from, Place to) implements Shape {
        @Override
        public List<Place> path() {
            return Stream.concat(Stream.of(from), head(from, to)).toList();
        }
    }

    /** Its middle, its half sides, and the angle of the first. */
    record Rectangle(Place middle, double a, double b, double angle) implements Shape {
        @Override
        public List<Place> path() {
            return Stream.of(corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1), corner(-1, -1))
                    .toList();
        }

        private Place corner(int along, int across) {
            return middle.away(along * a, angle).away(across * b, angle + Math.PI / 2);
        }
    }

    /** Its middle, its half axes, and the angle of the first; a circle where they are equal. */
    record Ellipse(Place middle, double a, double b, double angle) implements Shape {
        private static final int CORNERS = 72;

        @Override
        public List<Place> path() {
            return IntStream.rangeClosed(0, CORNERS)
                    .mapToDouble(i -> 2 * Math.PI * i / CORNERS)
                    .mapToObj(t -> middle.away(a * Math.cos(t), angle).away(b * Math.sin(t), angle + Math.PI / 2))
                    .toList();
        }
    }

    /** Two axes at a right angle, with heads at their ends. */
    record Axes(Place up, Place origin, Place right) implements Shape {
        @Override
        public List<Place> path() {
            var path = new ArrayList<>(head(origin, up).toList().reversed());
            path.add(origin);
            path.addAll(head(origin, right).toList());
            return List.copyOf(path);
        }
    }

    /** From the tip to the one barb, back, to the other, and back again. */
    private static Stream<Place> head(Place from, Place tip) {
        // A fifth of the line, within what looks like the head of an arrow on paper.
        var length = Math.clamp(from.distanceTo(tip) / 5, 8, 22);
        var back = tip.angleTo(from);
        var opening = Math.toRadians(28);
        return Stream.of(tip, tip.away(length, back - opening), tip, tip.away(length, back + opening), tip);
    }
}
