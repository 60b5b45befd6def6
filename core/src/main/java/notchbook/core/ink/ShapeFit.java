package notchbook.core.ink;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import notchbook.core.ink.Shape.Arrow;
import notchbook.core.ink.Shape.Axes;
import notchbook.core.ink.Shape.Ellipse;
import notchbook.core.ink.Shape.Line;
import notchbook.core.ink.Shape.Place;
import notchbook.core.ink.Shape.Rectangle;

/**
 * What regular figure a stroke was meant to be, when the pen is held still at its end.
 *
 * <p>Design: the stroke is laid out in {@link #PLACES} places at equal distances. A straight one is a line. One that comes
 * back to its beginning is a rectangle or an ellipse, whichever its places lie nearer to on average. An open one is a pair of
 * axes when it goes down and then right along two straight legs, and an arrow when a straight shaft is followed by a short
 * way back from its tip. What comes nowhere near stays as it was drawn. Nearly level, upright or round becomes exactly so.
 */
public final class ShapeFit {
    private static final int PLACES = 64;

    /** Shorter strokes are writing, in px. */
    private static final double SHORTEST = 28;

    /** How far a straight line may bend, as a share of its length. */
    private static final double BEND = 0.09;

    /** How far apart the ends of a closed figure may lie, as a share of its diagonal. */
    private static final double OPENING = 0.28;

    /** How far its places may lie off a closed figure on average, as a share of its diagonal. */
    private static final double OFF = 0.05;

    /** What is this near to level or upright was meant so. */
    private static final double SNAP = Math.toRadians(7);

    /** Half axes of an ellipse that differ by less are a circle's, as a share. */
    private static final double ROUND = 0.15;

    private final List<Place> places;
    private final double size;

    private ShapeFit(List<InkPoint> points) {
        this.places = spread(points);
        this.size = Bounds.of(points).diagonal();
    }

    /** The stroke as the figure that it was meant to be; empty where it looks like none. */
    public static Optional<Stroke> of(Stroke stroke) {
        return meant(stroke).map(shape -> stroke.along(points(stroke.points(), shape.path())));
    }

    /** The figure alone. */
    static Optional<Shape> meant(Stroke stroke) {
        if (Plane.length(stroke.points()) < SHORTEST) {
            return Optional.empty();
        }
        var fit = new ShapeFit(stroke.points());
        return Stream.<Function<ShapeFit, Optional<? extends Shape>>>of(
                        ShapeFit::line, ShapeFit::axes, ShapeFit::arrow, ShapeFit::closed)
                .flatMap(kind -> kind.apply(fit).stream())
                .map(shape -> (Shape) shape)
                .findFirst();
    }

    /** Drawn with the mean pressure of the hand, in the time that it took. */
    private static List<InkPoint> points(List<InkPoint> drawn, List<Place> path) {
        var pressure = drawn.stream().mapToDouble(InkPoint::pressure).average().orElse(1);
        var millis = drawn.getLast().millis();
        return IntStream.range(0, path.size())
                .mapToObj(i -> new InkPoint(
                        path.get(i).x(), path.get(i).y(), pressure, millis * i / Math.max(1, path.size() - 1)))
                .toList();
    }

    private Optional<Line> line() {
        var from = places.getFirst();
        var to = places.getLast();
        return isStraight(places) ? Optional.of(new Line(from, snapped(from, to))) : Optional.empty();
    }

    private Optional<Axes> axes() {
        var corner = farthestFromChord();
        var up = places.getFirst();
        var origin = places.get(corner);
        var right = places.getLast();
        var areLegs = isLeg(places.subList(0, corner + 1)) && isLeg(places.subList(corner, places.size()));
        var goesDown = Math.abs(off(up.angleTo(origin), Math.PI / 2)) < 2 * SNAP;
        var goesRight = Math.abs(off(origin.angleTo(right), 0)) < 2 * SNAP;
        return areLegs && goesDown && goesRight
                ? Optional.of(new Axes(new Place(origin.x(), up.y()), origin, new Place(right.x(), origin.y())))
                : Optional.empty();
    }

    private boolean isLeg(List<Place> leg) {
        return leg.size() > PLACES / 5 && isStraight(leg);
    }

    private Optional<Arrow> arrow() {
        var from = places.getFirst();
        // The first place from which the pen goes back.
        var tip = IntStream.range(PLACES / 3, PLACES - 2)
                .filter(i -> turnsBack(i))
                .findFirst();
        if (tip.isEmpty() || !isStraight(places.subList(0, tip.getAsInt() + 1))) {
            return Optional.empty();
        }
        var at = places.get(tip.getAsInt());
        var shaft = from.distanceTo(at);
        var head = places.subList(tip.getAsInt() + 1, PLACES);
        var isShort = head.stream().allMatch(place -> place.distanceTo(at) < 0.55 * shaft);
        var isBehind = head.stream().allMatch(place -> place.distanceTo(from) < shaft * 1.08);
        var leaves = head.stream().anyMatch(place -> offLine(place, from, at) > 0.05 * shaft);
        return isShort && isBehind && leaves ? Optional.of(new Arrow(from, snapped(from, at))) : Optional.empty();
    }

    /** Whether the line turns by more than 100° within a few places. */
    private boolean turnsBack(int i) {
        var before = places.get(i - 3).angleTo(places.get(i));
        var after = places.get(i).angleTo(places.get(Math.min(PLACES - 1, i + 2)));
        return Math.abs(off(before, after)) > Math.toRadians(100);
    }

    private Optional<Shape> closed() {
        if (places.getFirst().distanceTo(places.getLast()) > OPENING * size) {
            return Optional.empty();
        }
        return Stream.of(rectangle(), ellipse())
                .min(Comparator.comparingDouble(this::meanOff))
                .filter(shape -> meanOff(shape) < OFF * size);
    }

    /** Of all rectangles that hold the places, by their angle, the one whose sides they lie nearest to. */
    private Shape rectangle() {
        var best = IntStream.range(0, 90)
                .mapToObj(degrees -> around(Math.toRadians(degrees)))
                .min(Comparator.comparingDouble(this::meanOff))
                .orElseThrow();
        var level = off(best.angle(), 0);
        var upright = off(best.angle(), Math.PI / 2);
        return Math.min(Math.abs(level), Math.abs(upright)) < SNAP ? around(0) : best;
    }

    private Rectangle around(double angle) {
        var along = extent(angle);
        var across = extent(angle + Math.PI / 2);
        var middle = new Place(0, 0).away(along.middle(), angle).away(across.middle(), angle + Math.PI / 2);
        return new Rectangle(middle, along.half(), across.half(), angle);
    }

    /** Its axes lie as the places spread most and least. */
    private Shape ellipse() {
        var x = places.stream().mapToDouble(Place::x).average().orElse(0);
        var y = places.stream().mapToDouble(Place::y).average().orElse(0);
        var xx = places.stream()
                .mapToDouble(place -> (place.x() - x) * (place.x() - x))
                .sum();
        var yy = places.stream()
                .mapToDouble(place -> (place.y() - y) * (place.y() - y))
                .sum();
        var xy = places.stream()
                .mapToDouble(place -> (place.x() - x) * (place.y() - y))
                .sum();
        var angle = Math.atan2(2 * xy, xx - yy) / 2;
        var isLevel = Math.abs(off(angle, Math.rint(angle / (Math.PI / 2)) * Math.PI / 2)) < SNAP;
        var box = around(isLevel ? 0 : angle);
        return Math.abs(box.a() - box.b()) < ROUND * Math.max(box.a(), box.b())
                ? new Ellipse(box.middle(), (box.a() + box.b()) / 2, (box.a() + box.b()) / 2, 0)
                : new Ellipse(box.middle(), box.a(), box.b(), box.angle());
    }

    private double meanOff(Shape shape) {
        var path = shape.path();
        return places.stream()
                .mapToDouble(place -> IntStream.range(1, path.size())
                        .mapToDouble(i -> offSegment(place, path.get(i - 1), path.get(i)))
                        .min()
                        .orElse(0))
                .average()
                .orElse(0);
    }

    /** From the least to the greatest along a direction. */
    private record Extent(double least, double most) {
        double middle() {
            return (least + most) / 2;
        }

        double half() {
            return (most - least) / 2;
        }
    }

    private Extent extent(double angle) {
        var along = places.stream()
                .mapToDouble(place -> place.x() * Math.cos(angle) + place.y() * Math.sin(angle))
                .summaryStatistics();
        return new Extent(along.getMin(), along.getMax());
    }

    private int farthestFromChord() {
        return IntStream.range(1, PLACES - 1)
                .boxed()
                .max(Comparator.comparingDouble(i -> offLine(places.get(i), places.getFirst(), places.getLast())))
                .orElseThrow();
    }

    private static boolean isStraight(List<Place> path) {
        var from = path.getFirst();
        var to = path.getLast();
        var length = from.distanceTo(to);
        var travelled = IntStream.range(1, path.size())
                .mapToDouble(i -> path.get(i - 1).distanceTo(path.get(i)))
                .sum();
        // One that goes to and fro on the spot is no line, however near it keeps to itself.
        return travelled < 1.2 * length && path.stream().allMatch(place -> offSegment(place, from, to) < BEND * length);
    }

    /** The end of a line, turned to level or upright where it is nearly so. */
    private static Place snapped(Place from, Place to) {
        var angle = from.angleTo(to);
        var square = Math.rint(angle / (Math.PI / 2)) * Math.PI / 2;
        return Math.abs(off(angle, square)) < SNAP ? from.away(from.distanceTo(to), square) : to;
    }

    /** How far one angle lies from another, from −π to π. */
    private static double off(double angle, double other) {
        return Math.IEEEremainder(angle - other, 2 * Math.PI);
    }

    private static double offLine(Place place, Place from, Place to) {
        var length = from.distanceTo(to);
        var area = (to.x() - from.x()) * (place.y() - from.y()) - (to.y() - from.y()) * (place.x() - from.x());
        return length == 0 ? place.distanceTo(from) : Math.abs(area) / length;
    }

    private static double offSegment(Place place, Place from, Place to) {
        return Plane.distance(
                place.x(), place.y(), new InkPoint(from.x(), from.y(), 0, 0), new InkPoint(to.x(), to.y(), 0, 0));
    }

    /** The stroke at {@link #PLACES} places at equal distances along it. */
    private static List<Place> spread(List<InkPoint> points) {
        var step = Plane.length(points) / (PLACES - 1);
        var places = new ArrayList<Place>(PLACES);
        var travelled = 0.0;
        for (var i = 1; i < points.size(); i++) {
            var from = points.get(i - 1);
            var to = points.get(i);
            var length = from.distanceTo(to);
            while (places.size() < PLACES - 1 && places.size() * step <= travelled + length && length > 0) {
                var at = from.towards(to, (places.size() * step - travelled) / length);
                places.add(new Place(at.x(), at.y()));
            }
            travelled += length;
        }
        while (places.size() < PLACES) {
            places.add(new Place(points.getLast().x(), points.getLast().y()));
        }
        return places;
    }
}
