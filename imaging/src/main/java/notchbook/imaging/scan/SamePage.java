package notchbook.imaging.scan;

import java.util.ArrayList;
import org.opencv.calib3d.Calib3d;
import org.opencv.core.Core;
import org.opencv.core.DMatch;
import org.opencv.core.Mat;
import org.opencv.core.MatOfDMatch;
import org.opencv.core.MatOfKeyPoint;
import org.opencv.core.MatOfPoint2f;
import org.opencv.core.Point;
import org.opencv.features2d.BFMatcher;
import org.opencv.features2d.ORB;
import org.opencv.imgproc.Imgproc;

/**
 * Tells whether two photos show the same page. Places that look alike (ORB, Rublee and others, 2011) have to lie alike as
 * well: pages of one handout share their layout and their letters, but not where each word stands.
 */
final class SamePage {
    private static final int SIDE = 900;
    private static final int MOST_PLACES = 900;

    /** How much better the best likeness has to be than the next one (Lowe's ratio). */
    private static final double RATIO = 0.8;

    /** Places that lie alike to within this many px. */
    private static final double NEAR = 5;

    private static final int LEAST_ALIKE = 28;
    private static final double LEAST_SHARE = 0.4;

    private SamePage() {}

    /** What a page is known by again: its places and what they look like. */
    record Trace(MatOfKeyPoint places, Mat looks) {
        /** Of a page in even light. */
        static Trace of(Mat page) {
            var small = Vision.shrunk(page, SIDE);
            Imgproc.cvtColor(small, small, Imgproc.COLOR_BGR2GRAY);
            var places = new MatOfKeyPoint();
            var looks = new Mat();
            ORB.create(MOST_PLACES).detectAndCompute(small, new Mat(), places, looks);
            small.release();
            return new Trace(places, looks);
        }
    }

    static boolean isSame(Trace one, Trace other) {
        if (one.looks().rows() < LEAST_ALIKE || other.looks().rows() < LEAST_ALIKE) {
            return false;
        }
        var pairs = new ArrayList<MatOfDMatch>();
        BFMatcher.create(BFMatcher.BRUTEFORCE_HAMMING).knnMatch(one.looks(), other.looks(), pairs, 2);
        var from = new ArrayList<Point>();
        var to = new ArrayList<Point>();
        var places = one.places().toArray();
        var others = other.places().toArray();
        for (var pair : pairs) {
            var two = pair.toArray();
            if (two.length == 2 && isClear(two[0], two[1])) {
                from.add(places[two[0].queryIdx].pt);
                to.add(others[two[0].trainIdx].pt);
            }
        }
        if (from.size() < LEAST_ALIKE) {
            return false;
        }
        return lieAlike(from, to) >= Math.max(LEAST_ALIKE, LEAST_SHARE * from.size());
    }

    private static boolean isClear(DMatch best, DMatch next) {
        return best.distance < RATIO * next.distance;
    }

    private static int lieAlike(ArrayList<Point> from, ArrayList<Point> to) {
        var inliers = new Mat();
        var transform = Calib3d.findHomography(
                new MatOfPoint2f(from.toArray(Point[]::new)),
                new MatOfPoint2f(to.toArray(Point[]::new)),
                Calib3d.RANSAC,
                NEAR,
                inliers);
        transform.release();
        var count = Core.countNonZero(inliers);
        inliers.release();
        return count;
    }
}
