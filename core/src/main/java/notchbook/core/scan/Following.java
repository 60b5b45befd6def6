package notchbook.core.scan;

import notchbook.core.layer.Layer;
import notchbook.core.layer.Place;

/**
 * Lets a layer follow its picture when the picture is made anew of the same photo: turned, cropped or straightened otherwise.
 *
 * <p>Design: a place on the old picture is sought in the photo, by the way the old recipe takes, and from there in the new
 * picture. What is on it grows as the picture does in its middle. Nothing is left out: what comes to lie outside is there
 * when the picture is made wider again.
 */
final class Following {
    private static final int TALLEST = 20_000;

    private final Projection forth;
    private final Projection back;
    private final Layer layer;
    private final int height;

    private Following(Layer layer, Recipe before, Recipe now, int height) {
        this.layer = layer;
        this.height = height;
        forth = Projection.of(before);
        back = Projection.of(now).inverse();
    }

    /**
     * The layer on the new picture; {@code widthToHeight} is the new picture's proportion. The layer stays as many units
     * wide, so that a pen is as thick on a sheet that was turned as on one that was upright from the first.
     */
    static Layer to(Layer layer, Recipe before, Recipe now, double widthToHeight) {
        if (before.quad().equals(now.quad()) && before.quarters() == now.quarters()) {
            return layer;
        }
        var height = (int) Math.clamp(Math.round(layer.width() / widthToHeight), 1, TALLEST);
        var following = new Following(layer, before, now, height);
        return layer.moved(following::place, following.growth(), height);
    }

    private Place place(Place place) {
        var inPhoto = forth.of(place.x() / layer.width(), place.y() / layer.height());
        var now = back.of(inPhoto.x(), inPhoto.y());
        return new Place(now.x() * layer.width(), now.y() * height);
    }

    /** How much longer a short line in the middle becomes, in units; the mean of both directions. */
    private double growth() {
        var x = layer.width() / 2.0;
        var y = layer.height() / 2.0;
        var middle = place(new Place(x, y));
        var right = place(new Place(x + 1, y));
        var below = place(new Place(x, y + 1));
        var area = (right.x() - middle.x()) * (below.y() - middle.y())
                - (right.y() - middle.y()) * (below.x() - middle.x());
        return Math.sqrt(Math.abs(area));
    }
}
