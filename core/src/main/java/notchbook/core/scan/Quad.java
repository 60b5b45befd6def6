package notchbook.core.scan;

import java.util.List;

/** The four corners of a page in a photo, clockwise from the one that is at the top left as the photo lies. */
public record Quad(Corner topLeft, Corner topRight, Corner bottomRight, Corner bottomLeft) {
    /** All of a photo. */
    public static final Quad WHOLE = new Quad(new Corner(0, 0), new Corner(1, 0), new Corner(1, 1), new Corner(0, 1));

    public Quad {
        if (!isConvex(List.of(topLeft, topRight, bottomRight, bottomLeft))) {
            throw new IllegalArgumentException(
                    "The four corners have to go round the page; two of them have changed places.");
        }
    }

    public List<Corner> corners() {
        return List.of(topLeft, topRight, bottomRight, bottomLeft);
    }

    /** Every turn goes the same way, so that no side crosses another. */
    private static boolean isConvex(List<Corner> corners) {
        for (var i = 0; i < 4; i++) {
            var a = corners.get(i);
            var b = corners.get((i + 1) % 4);
            var c = corners.get((i + 2) % 4);
            var turn = (b.x() - a.x()) * (c.y() - b.y()) - (b.y() - a.y()) * (c.x() - b.x());
            if (turn <= 0) {
                return false;
            }
        }
        return true;
    }
}
