package notchbook.imaging.scan;

import java.util.List;
import java.util.Random;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint;
import org.opencv.core.MatOfPoint2f;
import org.opencv.core.Point;
import org.opencv.core.Scalar;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/**
 * A photo of a sheet on a desk whose truth is known: a camera of a given focal length looks at the sheet from aslant, light
 * falls from one side, a shadow lies over it, and the picture has blur and grain. {@code corners} are those of the sheet in
 * px of the photo, from the sheet's own top left clockwise; {@code turn} is how many quarters the sheet is turned.
 */
record TestPhoto(Mat picture, List<Point> corners, int turn, String about) {
    /** Focal length in lengths of the photo's long side. */
    private static final double FOCAL = 0.85;

    enum Shadow {
        NONE,
        SOFT,
        HARD,
        PHONE
    }

    /** How a photo is taken; sizes in px, tilt in degrees. */
    record Shot(int width, int height, double tilt, int turn, Desk desk, Shadow shadow, long seed) {}

    static TestPhoto of(Mat sheet, Shot shot) {
        var random = new Random(shot.seed());
        var corners = corners(sheet, shot, random);
        var picture = shot.desk().painted(shot.width(), shot.height(), random);
        lay(sheet, corners, picture);
        light(picture, shot, random);
        Imgproc.GaussianBlur(picture, picture, new Size(0, 0), 0.6 + 0.7 * random.nextDouble() * shot.width() / 1_600);
        grain(picture, 2 + 3 * random.nextDouble());
        return new TestPhoto(
                picture,
                corners,
                shot.turn(),
                "%s, %s shadow, tilt %.0f, turn %d, seed %d"
                        .formatted(shot.desk(), shot.shadow(), shot.tilt(), shot.turn(), shot.seed()));
    }

    /** The sheet turned about its own middle, tilted about a slanting axis, put before the camera so that it fits. */
    private static List<Point> corners(Mat sheet, Shot shot, Random random) {
        var w = sheet.cols() / (double) sheet.rows();
        var flat = new double[][] {{-w / 2, -0.5}, {w / 2, -0.5}, {w / 2, 0.5}, {-w / 2, 0.5}};
        var spin = Math.toRadians(90 * shot.turn() + 14 * (random.nextDouble() - 0.5));
        var axis = 2 * Math.PI * random.nextDouble();
        var tilt = Math.toRadians(shot.tilt());
        var focal = FOCAL * Math.max(shot.width(), shot.height());
        var shiftX = 0.06 * (random.nextDouble() - 0.5);
        var shiftY = 0.06 * (random.nextDouble() - 0.5);
        var fill = 0.72 + 0.16 * random.nextDouble();
        for (var distance = 0.6; ; distance += 0.02) {
            var points = new Point[4];
            var fits = true;
            for (var i = 0; i < 4; i++) {
                var x = flat[i][0] * Math.cos(spin) - flat[i][1] * Math.sin(spin);
                var y = flat[i][0] * Math.sin(spin) + flat[i][1] * Math.cos(spin);
                var along = x * Math.cos(axis) + y * Math.sin(axis);
                var across = -x * Math.sin(axis) + y * Math.cos(axis);
                var depth = across * Math.sin(tilt);
                across *= Math.cos(tilt);
                var tx = along * Math.cos(axis) - across * Math.sin(axis) + shiftX;
                var ty = along * Math.sin(axis) + across * Math.cos(axis) + shiftY;
                var z = distance + depth;
                points[i] = new Point(shot.width() / 2.0 + focal * tx / z, shot.height() / 2.0 + focal * ty / z);
                fits &= z > 0.2
                        && Math.abs(points[i].x - shot.width() / 2.0) < fill * shot.width() / 2 * 1.1
                        && Math.abs(points[i].y - shot.height() / 2.0) < fill * shot.height() / 2 * 1.1;
            }
            if (fits) {
                return List.of(points);
            }
        }
    }

    private static void lay(Mat sheet, List<Point> corners, Mat picture) {
        var from = new MatOfPoint2f(
                new Point(0, 0),
                new Point(sheet.cols(), 0),
                new Point(sheet.cols(), sheet.rows()),
                new Point(0, sheet.rows()));
        var transform = Imgproc.getPerspectiveTransform(from, new MatOfPoint2f(corners.toArray(Point[]::new)));
        var shadow = new Mat(picture.size(), CvType.CV_8UC1, new Scalar(0));
        Imgproc.fillConvexPoly(
                shadow,
                new MatOfPoint(corners.stream()
                        .map(corner -> new Point(corner.x + picture.cols() / 180.0, corner.y + picture.cols() / 140.0))
                        .toArray(Point[]::new)),
                new Scalar(70));
        Imgproc.GaussianBlur(shadow, shadow, new Size(0, 0), picture.cols() / 220.0);
        Imgproc.cvtColor(shadow, shadow, Imgproc.COLOR_GRAY2BGR);
        Core.subtract(picture, shadow, picture);
        // Drawn at the photo's own fineness: a large sheet made small by single px would glitter.
        var laid = new Mat();
        Imgproc.warpPerspective(sheet, laid, transform, picture.size(), Imgproc.INTER_AREA);
        var mask = new Mat(sheet.size(), CvType.CV_8UC1, new Scalar(255));
        Imgproc.warpPerspective(mask, mask, transform, picture.size(), Imgproc.INTER_LINEAR);
        var share = new Mat();
        mask.convertTo(share, CvType.CV_32F, 1 / 255.0);
        Imgproc.cvtColor(share, share, Imgproc.COLOR_GRAY2BGR);
        blend(picture, laid, share);
    }

    private static void blend(Mat picture, Mat over, Mat share) {
        var below = new Mat();
        var above = new Mat();
        picture.convertTo(below, CvType.CV_32F);
        over.convertTo(above, CvType.CV_32F);
        Core.subtract(above, below, above);
        Core.multiply(above, share, above);
        Core.add(below, above, below);
        below.convertTo(picture, CvType.CV_8U);
    }

    private static void light(Mat picture, Shot shot, Random random) {
        // Only a hard shadow has an edge that needs every px; the blur of a soft one is slow in the large.
        var coarse = shot.shadow() == Shadow.HARD ? 1 : 8;
        var light = new Mat(picture.rows() / coarse, picture.cols() / coarse, CvType.CV_32FC1, new Scalar(1));
        var angle = 2 * Math.PI * random.nextDouble();
        var dim = 0.12 + 0.3 * random.nextDouble();
        var acrossShare = Math.cos(angle) / light.cols();
        var downShare = Math.sin(angle) / light.rows();
        var row = new float[light.cols()];
        for (var y = 0; y < light.rows(); y++) {
            for (var x = 0; x < light.cols(); x++) {
                var along = (x - light.cols() / 2.0) * acrossShare + (y - light.rows() / 2.0) * downShare;
                row[x] = (float) (1 - dim * (0.5 + along));
            }
            light.put(y, 0, row);
        }
        shade(light, shot.shadow(), random);
        Imgproc.resize(light, light, picture.size(), 0, 0, Imgproc.INTER_LINEAR);
        Imgproc.cvtColor(light, light, Imgproc.COLOR_GRAY2BGR);
        Core.multiply(light, new Scalar(0.92 + 0.08 * random.nextDouble(), 0.98, 1), light);
        var lit = new Mat();
        picture.convertTo(lit, CvType.CV_32F);
        Core.multiply(lit, light, lit);
        lit.convertTo(picture, CvType.CV_8U);
    }

    private static void shade(Mat light, Shadow shadow, Random random) {
        if (shadow == Shadow.NONE) {
            return;
        }
        var w = light.cols();
        var h = light.rows();
        var depth = shadow == Shadow.HARD ? 0.52 : 0.62;
        var mask = new Mat(light.size(), CvType.CV_32FC1, new Scalar(1));
        var points = shadow == Shadow.PHONE
                ? new Point[] {
                    new Point(w * 0.3, h * 0.45),
                    new Point(w * 0.62, h * 0.4),
                    new Point(w * 0.75, h * 1.1),
                    new Point(w * 0.2, h * 1.1)
                }
                : new Point[] {
                    new Point(-10, h * random.nextDouble() * 0.6),
                    new Point(w * (0.3 + 0.5 * random.nextDouble()), -10),
                    new Point(w * (0.5 + 0.4 * random.nextDouble()), h * 0.3 * random.nextDouble()),
                    new Point(w * 0.2 * random.nextDouble(), h * 1.05),
                    new Point(-10, h * 1.05)
                };
        Imgproc.fillPoly(mask, List.of(new MatOfPoint(points)), new Scalar(depth));
        var blur = shadow == Shadow.HARD ? w / 500.0 : w / 26.0;
        Imgproc.GaussianBlur(mask, mask, new Size(0, 0), blur);
        Core.multiply(light, mask, light);
    }

    private static void grain(Mat picture, double amount) {
        var noise = new Mat(picture.size(), CvType.CV_16SC3);
        Core.randn(noise, 0, amount);
        var sum = new Mat();
        picture.convertTo(sum, CvType.CV_16SC3);
        Core.add(sum, noise, sum);
        sum.convertTo(picture, CvType.CV_8U);
    }

    /** The mean distance between the sheet's corners and found ones, as a share of the photo's diagonal. */
    double error(List<Point> found) {
        var best = Double.MAX_VALUE;
        for (var shift = 0; shift < 4; shift++) {
            var sum = 0.0;
            for (var i = 0; i < 4; i++) {
                var truth = corners.get(i);
                var other = found.get((i + shift) % 4);
                sum += Math.hypot(truth.x - other.x, truth.y - other.y);
            }
            best = Math.min(best, sum / 4);
        }
        return best / Math.hypot(picture.cols(), picture.rows());
    }
}
