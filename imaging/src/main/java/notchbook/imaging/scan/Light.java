package notchbook.imaging.scan;

import java.util.ArrayList;
import java.util.List;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfFloat;
import org.opencv.core.MatOfInt;
import org.opencv.core.Scalar;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/**
 * Evens the light on a page. How bright the bare paper is at each place is read off a small copy from which the writing has
 * been wiped, hard edges of shadows kept; what is divided by that has the same white everywhere.
 */
final class Light {
    /** The small copy on which the paper is looked at, in px of its long side. */
    private static final int SMALL = 620;

    /** Wider than a stroke of a felt pen on the small copy. */
    private static final int STROKE = 13;

    /** What the paper becomes: a little below white, so that its own texture is not cut off. */
    private static final double PAPER = 246;

    /** From this share of the paper's brightness upwards it is paper, down to the other it turns to ink. */
    private static final double WHITE_FROM = 0.9;

    private static final double BLACK_TO = 0.42;

    private Light() {}

    /** The page with its paper white and its colours kept. */
    static Mat even(Mat page) {
        var paper = paper(page);
        var channels = new ArrayList<Mat>();
        var papers = new ArrayList<Mat>();
        Core.split(page, channels);
        Core.split(paper, papers);
        paper.release();
        for (var i = 0; i < 3; i++) {
            Core.divide(channels.get(i), papers.get(i), channels.get(i), PAPER);
        }
        var even = new Mat();
        Core.merge(channels, even);
        release(channels);
        release(papers);
        return even;
    }

    /** The page in grey on white. */
    static Mat inkOnWhite(Mat page) {
        var even = even(page);
        var grey = new Mat();
        // Blue and red ink are dark in one channel only; the darkest of the three shows every ink.
        var channels = new ArrayList<Mat>();
        Core.split(even, channels);
        even.release();
        Core.min(channels.get(0), channels.get(1), grey);
        Core.min(grey, channels.get(2), grey);
        release(channels);
        var scale = 255 / ((WHITE_FROM - BLACK_TO) * PAPER);
        grey.convertTo(grey, CvType.CV_8U, scale, -BLACK_TO * PAPER * scale);
        Imgproc.cvtColor(grey, grey, Imgproc.COLOR_GRAY2BGR);
        return grey;
    }

    /** The bare paper at every place, as large as the page. */
    private static Mat paper(Mat page) {
        var small = Vision.shrunk(page, SMALL);
        var kernel = Imgproc.getStructuringElement(Imgproc.MORPH_ELLIPSE, new Size(STROKE, STROKE));
        Imgproc.morphologyEx(small, small, Imgproc.MORPH_CLOSE, kernel);
        kernel.release();
        Imgproc.medianBlur(small, small, STROKE);
        var smooth = new Mat();
        // Evens out the grain and leaves the edge of a hard shadow where it is.
        Imgproc.bilateralFilter(small, smooth, 9, 24, 9);
        small.release();
        fillDarkAreas(smooth);
        var paper = new Mat();
        Imgproc.resize(smooth, paper, page.size(), 0, 0, Imgproc.INTER_CUBIC);
        smooth.release();
        return paper;
    }

    /** A printed picture or a black bar is wider than a stroke and no paper: there the paper around it is taken. */
    private static void fillDarkAreas(Mat paper) {
        var grey = new Mat();
        Imgproc.cvtColor(paper, grey, Imgproc.COLOR_BGR2GRAY);
        var bright = percentile(grey, 0.9);
        var dark = new Mat();
        Core.compare(grey, new Scalar(0.3 * bright), dark, Core.CMP_LT);
        grey.release();
        if (Core.countNonZero(dark) > 0) {
            var wide = Imgproc.getStructuringElement(Imgproc.MORPH_ELLIPSE, new Size(61, 61));
            var around = new Mat();
            Imgproc.dilate(paper, around, wide);
            Imgproc.GaussianBlur(around, around, new Size(0, 0), 12);
            around.copyTo(paper, dark);
            wide.release();
            around.release();
        }
        dark.release();
    }

    /** The brightness that this share of a grey picture stays below. */
    static double percentile(Mat grey, double share) {
        var counts = new Mat();
        Imgproc.calcHist(List.of(grey), new MatOfInt(0), new Mat(), counts, new MatOfInt(256), new MatOfFloat(0, 256));
        var wanted = share * grey.total();
        var sum = 0.0;
        for (var level = 0; level < 256; level++) {
            sum += counts.get(level, 0)[0];
            if (sum >= wanted) {
                return level;
            }
        }
        return 255;
    }

    private static void release(List<Mat> all) {
        all.forEach(Mat::release);
    }
}
