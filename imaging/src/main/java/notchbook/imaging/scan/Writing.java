package notchbook.imaging.scan;

import java.util.ArrayList;
import java.util.List;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.Point;
import org.opencv.core.Scalar;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/** Where something is written in a small picture: thin places that are much darker than what is around them. */
record Writing(List<Point> places) {
    private static final int STROKE = 9;

    /** How much darker than the paper around it, as a share, ink is at least. */
    private static final double INK = 0.2;

    /** How bright paper in a shadow is, against the brightest of the photo; the grain of dark wood is darker. */
    private static final double PAPER = 0.4;

    /** Steps away from grey at which something has a colour of its own. */
    private static final double COLOURED = 14;

    /** Enough places to tell shares by, in every direction. */
    private static final int MOST = 1_500;

    static Writing in(Mat small) {
        var grey = new Mat();
        Imgproc.cvtColor(small, grey, Imgproc.COLOR_BGR2GRAY);
        var kernel = Imgproc.getStructuringElement(Imgproc.MORPH_ELLIPSE, new Size(STROKE, STROKE));
        var paper = new Mat();
        Imgproc.morphologyEx(grey, paper, Imgproc.MORPH_CLOSE, kernel);
        var bright = new Mat();
        Core.compare(paper, new Scalar(PAPER * Light.percentile(paper, 0.97)), bright, Core.CMP_GT);
        grey.convertTo(grey, CvType.CV_32F);
        paper.convertTo(paper, CvType.CV_32F);
        Core.divide(grey, paper, grey);
        var ink = new Mat();
        Core.compare(grey, new Scalar(1 - INK), ink, Core.CMP_LT);
        Core.bitwise_and(ink, neutral(small), ink);
        Core.bitwise_and(ink, bright, ink);
        var found = new Mat();
        Core.findNonZero(ink, found);
        var places = new ArrayList<Point>();
        var step = Math.max(1, found.rows() / MOST);
        for (var i = 0; i < found.rows(); i += step) {
            var at = found.get(i, 0);
            places.add(new Point(at[0], at[1]));
        }
        List.of(grey, kernel, paper, bright, ink, found).forEach(Mat::release);
        return new Writing(places);
    }

    /** Where the picture has no colour of its own: paper is white, in shadow and by lamplight too; cloth and wood are not. */
    private static Mat neutral(Mat small) {
        var kernel = Imgproc.getStructuringElement(Imgproc.MORPH_ELLIPSE, new Size(STROKE, STROKE));
        var lab = new Mat();
        Imgproc.morphologyEx(small, lab, Imgproc.MORPH_CLOSE, kernel);
        Imgproc.cvtColor(lab, lab, Imgproc.COLOR_BGR2Lab);
        var neutral = new Mat();
        Core.inRange(
                lab,
                new Scalar(0, 128 - COLOURED, 128 - COLOURED),
                new Scalar(255, 128 + COLOURED, 128 + COLOURED),
                neutral);
        kernel.release();
        lab.release();
        return neutral;
    }

    /** The share of what is written that lies within corners that go round clockwise; 1 when nothing is written. */
    double shareInside(List<Point> corners) {
        if (places.isEmpty()) {
            return 1;
        }
        return places.stream().filter(place -> isInside(place, corners)).count() / (double) places.size();
    }

    private static boolean isInside(Point place, List<Point> corners) {
        for (var i = 0; i < 4; i++) {
            var a = corners.get(i);
            var b = corners.get((i + 1) % 4);
            if ((b.x - a.x) * (place.y - a.y) - (b.y - a.y) * (place.x - a.x) < 0) {
                return false;
            }
        }
        return true;
    }
}
