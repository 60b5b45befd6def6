package notchbook.imaging.scan;

import notchbook.core.scan.PageShape;
import notchbook.core.scan.Proportion;
import notchbook.core.scan.Quad;
import org.opencv.core.Core;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint2f;
import org.opencv.core.Point;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/** Makes a rectangle of the page in a photo, in its real proportions and as fine as it was photographed. */
final class Straightener {
    /** 210 px to the inch on A4: small print can be read, and thirty pages still go through a school's network. */
    private static final int LONGEST = 2_480;

    /** Cut just inside the edge: a line of desk around a page looks like dirt. A share of the short side. */
    private static final double TRIMMED = 0.004;

    private Straightener() {}

    /** The page at {@code quad}, the corner that is at the top left of the photo at its top left. */
    static Mat straight(Mat photo, Quad quad) {
        var corners = quad.corners().stream()
                .map(corner -> new Point(corner.x() * photo.cols(), corner.y() * photo.rows()))
                .toList();
        var size = size(
                photo,
                quad,
                apart(corners.get(0), corners.get(1)),
                apart(corners.get(0), corners.get(3)),
                apart(corners.get(3), corners.get(2)),
                apart(corners.get(1), corners.get(2)));
        var from = new MatOfPoint2f(corners.toArray(Point[]::new));
        var trim = TRIMMED * Math.min(size.width, size.height);
        var to = new MatOfPoint2f(
                new Point(-trim, -trim),
                new Point(size.width + trim, -trim),
                new Point(size.width + trim, size.height + trim),
                new Point(-trim, size.height + trim));
        var transform = Imgproc.getPerspectiveTransform(from, to);
        var page = new Mat();
        Imgproc.warpPerspective(photo, page, transform, size, Imgproc.INTER_LINEAR, Core.BORDER_REPLICATE);
        transform.release();
        from.release();
        to.release();
        return page;
    }

    private static Size size(Mat photo, Quad quad, double top, double left, double bottom, double right) {
        var measured = Proportion.of(quad, photo.cols(), photo.rows());
        var proportion = PageShape.near(measured)
                .map(shape -> measured >= 1 ? shape.proportion() : 1 / shape.proportion())
                .orElse(measured);
        // As many px as the longer of two opposite sides has; the other side follows from the proportion.
        var width = Math.max(Math.max(top, bottom), Math.max(left, right) * proportion);
        var scale = Math.min(1, LONGEST / Math.max(width, width / proportion));
        return new Size(Math.max(1, Math.round(width * scale)), Math.max(1, Math.round(width / proportion * scale)));
    }

    private static double apart(Point one, Point other) {
        return Math.hypot(one.x - other.x, one.y - other.y);
    }
}
