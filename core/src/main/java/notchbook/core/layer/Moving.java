package notchbook.core.layer;

import java.util.function.UnaryOperator;
import notchbook.core.ink.InkPoint;
import notchbook.core.ink.Stroke;

/**
 * Takes things to where a picture that was made anew shows what they stood on. Lines go point by point. Words stay upright
 * and keep their middle; they and the width of lines become {@code growth} times as large.
 */
record Moving(UnaryOperator<Place> way, double growth) {
    Thing thing(Thing thing) {
        return switch (thing) {
            case Thing.Ink ink -> new Thing.Ink(ink.id(), ink.isLocked(), stroke(ink.stroke()));
            case Thing.Label label -> new Thing.Label(label.id(), label.isLocked(), lettering(label.lettering()));
            case Thing.Callout callout ->
                new Thing.Callout(
                        callout.id(), callout.isLocked(), lettering(callout.lettering()), way.apply(callout.tip()));
            case Thing.Box box -> box(box);
            case Thing.Spot spot ->
                new Thing.Spot(spot.id(), spot.isLocked(), spot.number(), way.apply(spot.at()), spot.words());
        };
    }

    private Stroke stroke(Stroke stroke) {
        return stroke.scaled(0, 0, growth)
                .along(stroke.points().stream().map(this::point).toList());
    }

    private InkPoint point(InkPoint point) {
        var to = way.apply(new Place(point.x(), point.y()));
        return point.at(to.x(), to.y());
    }

    private Lettering lettering(Lettering lettering) {
        var halfWidth = lettering.width() / 2;
        var halfHeight = lettering.height() / 2;
        var middle = way.apply(
                new Place(lettering.at().x() + halfWidth, lettering.at().y() + halfHeight));
        return lettering.moved(new Place(middle.x() - growth * halfWidth, middle.y() - growth * halfHeight), growth);
    }

    /** The upright box around where its corners come to lie. */
    private Thing box(Thing.Box box) {
        var a = way.apply(box.topLeft());
        var b = way.apply(new Place(box.bottomRight().x(), box.topLeft().y()));
        var c = way.apply(box.bottomRight());
        var d = way.apply(new Place(box.topLeft().x(), box.bottomRight().y()));
        var left = least(a.x(), b.x(), c.x(), d.x());
        var top = least(a.y(), b.y(), c.y(), d.y());
        // Seen from the side a box may run into a line, and it would be lost.
        var right = Math.max(left + 1, -least(-a.x(), -b.x(), -c.x(), -d.x()));
        var bottom = Math.max(top + 1, -least(-a.y(), -b.y(), -c.y(), -d.y()));
        return new Thing.Box(box.id(), box.isLocked(), box.colour(), new Place(left, top), new Place(right, bottom));
    }

    private static double least(double a, double b, double c, double d) {
        return Math.min(Math.min(a, b), Math.min(c, d));
    }
}
