package notchbook.imaging.scan;

import java.util.ArrayList;
import java.util.List;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfByte;
import org.opencv.core.MatOfDouble;
import org.opencv.core.Rect;
import org.opencv.core.Size;
import org.opencv.imgcodecs.Imgcodecs;
import org.opencv.imgproc.Imgproc;

/**
 * Tells whether two photos show the same page. Straightened, two photos of one page differ by no more than a small shift of
 * each place, so one is laid over the other and every tile with ink on it is looked for near its own place. Of one page
 * nearly all tiles are found; pages of one handout share their layout and their lines, but not what stands in each tile.
 */
public final class SamePage {
    /** The long side of what is kept of a page: words are blobs of their own shape. In px. */
    private static final int SIDE = 320;

    private static final int TILE = 44;
    private static final int STEP = 33;

    /** How far a tile may lie from its place: what badly found corners make of a page. In px. */
    private static final int REACH = 14;

    /** Grey levels by which a tile with ink on it varies. */
    private static final double INK = 12;

    /** How alike (normed correlation) a tile of the same page is: nine of ten come to 0.9, and of other pages to 0.3. */
    private static final double ALIKE = 0.6;

    /** Lines of writing lie alike on any two pages; what is left when their mean over this width is taken away does not. */
    private static final int ALONG = 41;

    private static final double LEAST_SHARE = 0.88;
    private static final int LEAST_TILES = 4;
    private static final double MOST_OFF_SHAPE = 0.12;

    private SamePage() {}

    /** What a page in even light is known by again: a small grey picture of its ink, as PNG. */
    static byte[] traceOf(Mat page) {
        var small = Vision.shrunk(page, SIDE);
        Imgproc.cvtColor(small, small, Imgproc.COLOR_BGR2GRAY);
        Core.bitwise_not(small, small);
        var png = new MatOfByte();
        Imgcodecs.imencode(".png", small, png);
        small.release();
        return png.toArray();
    }

    /** Whether two traces are of one page, whichever way up. */
    public static boolean isSame(byte[] one, byte[] other) {
        var first = decoded(one);
        var second = decoded(other);
        try {
            for (var quarters = 0; quarters < 4; quarters++) {
                if (lieAlike(first, second, quarters)) {
                    return true;
                }
            }
            return false;
        } finally {
            first.release();
            second.release();
        }
    }

    private static Mat decoded(byte[] trace) {
        Vision.load();
        var bytes = new MatOfByte(trace);
        try {
            return Imgcodecs.imdecode(bytes, Imgcodecs.IMREAD_GRAYSCALE);
        } finally {
            bytes.release();
        }
    }

    private static boolean lieAlike(Mat page, Mat other, int quarters) {
        var turned = Direction.turned(other, quarters);
        var over = new Mat();
        try {
            var shape = page.cols() / (double) page.rows() / (turned.cols() / (double) turned.rows());
            if (Math.abs(shape - 1) > MOST_OFF_SHAPE) {
                return false;
            }
            Imgproc.resize(turned, over, page.size(), 0, 0, Imgproc.INTER_AREA);
            return areFound(inkTiles(page), withoutLines(page), withoutLines(over));
        } finally {
            turned.release();
            over.release();
        }
    }

    /** Letters and strokes without the lines that they stand in. */
    private static Mat withoutLines(Mat page) {
        var lines = new Mat();
        Imgproc.blur(page, lines, new Size(ALONG, 1));
        var rest = new Mat();
        Core.subtract(page, lines, rest, new Mat(), CvType.CV_32F);
        lines.release();
        return rest;
    }

    private static List<Rect> inkTiles(Mat page) {
        var tiles = new ArrayList<Rect>();
        for (var y = REACH; y + TILE + REACH <= page.rows(); y += STEP) {
            for (var x = REACH; x + TILE + REACH <= page.cols(); x += STEP) {
                var tile = new Rect(x, y, TILE, TILE);
                if (variation(page.submat(tile)) >= INK) {
                    tiles.add(tile);
                }
            }
        }
        return tiles;
    }

    private static double variation(Mat tile) {
        var mean = new MatOfDouble();
        var deviation = new MatOfDouble();
        Core.meanStdDev(tile, mean, deviation);
        return deviation.get(0, 0)[0];
    }

    private static boolean areFound(List<Rect> tiles, Mat page, Mat over) {
        var mostMissing = (1 - LEAST_SHARE) * tiles.size();
        var missing = 0;
        for (var tile : tiles) {
            missing += isFound(page.submat(tile), over.submat(around(tile))) ? 0 : 1;
            // Of another page most tiles are missing: the first few say so.
            if (missing > mostMissing) {
                return false;
            }
        }
        return tiles.size() >= LEAST_TILES;
    }

    private static Rect around(Rect tile) {
        return new Rect(tile.x - REACH, tile.y - REACH, TILE + 2 * REACH, TILE + 2 * REACH);
    }

    private static boolean isFound(Mat tile, Mat place) {
        var likeness = new Mat();
        Imgproc.matchTemplate(place, tile, likeness, Imgproc.TM_CCOEFF_NORMED);
        var best = Core.minMaxLoc(likeness).maxVal;
        likeness.release();
        return best >= ALIKE;
    }
}
