package notchbook.imaging.scan;

import notchbook.core.scan.Judgement;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.Scalar;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/** Measures how good a straightened page is. */
final class Quality {
    /** All pages are measured at this size, so that the same blur gives the same figure. In px of the long side. */
    private static final int SIDE = 1_400;

    /** Edges that are as steep as print at this size can be: the step from paper to ink within a px or two. */
    private static final double CRISP = 0.55;

    private static final int MIRRORED = 250;

    /** A mirrored lamp is a spot; single white px are grain. */
    private static final int SPOT = 9;

    private Quality() {}

    static Judgement of(Mat page, double cornerSureness) {
        var small = Vision.shrunk(page, SIDE);
        var grey = new Mat();
        Imgproc.cvtColor(small, grey, Imgproc.COLOR_BGR2GRAY);
        small.release();
        var judgement = new Judgement(cornerSureness, sharpness(grey), glare(grey), Light.percentile(grey, 0.75) / 255);
        grey.release();
        return judgement;
    }

    /**
     * How steep the steepest edges are, against how far they go: what blurs a step from paper to ink makes it lower from one
     * px to the next and leaves the step itself as high, whatever the light.
     */
    private static double sharpness(Mat grey) {
        var steepness = new Mat();
        var dx = new Mat();
        var dy = new Mat();
        Imgproc.Sobel(grey, dx, CvType.CV_32F, 1, 0, 3, 1.0 / 8);
        Imgproc.Sobel(grey, dy, CvType.CV_32F, 0, 1, 3, 1.0 / 8);
        Core.magnitude(dx, dy, steepness);
        var step = new Mat();
        var kernel = Imgproc.getStructuringElement(Imgproc.MORPH_RECT, new Size(9, 9));
        Imgproc.morphologyEx(grey, step, Imgproc.MORPH_GRADIENT, kernel);
        step.convertTo(step, CvType.CV_32F);
        var shares = new Mat();
        Core.max(step, new Scalar(40), step);
        Core.divide(steepness, step, shares);
        shares.convertTo(shares, CvType.CV_8U, 255);
        var sharp = Light.percentile(shares, 0.985) / 255;
        dx.release();
        dy.release();
        steepness.release();
        step.release();
        kernel.release();
        shares.release();
        return Math.min(1, sharp / CRISP);
    }

    /** White spots count only where the paper around them is not white itself. */
    private static double glare(Mat grey) {
        if (Light.percentile(grey, 0.75) >= MIRRORED - 12) {
            return 0;
        }
        var white = new Mat();
        Core.compare(grey, new Scalar(MIRRORED), white, Core.CMP_GE);
        var kernel = Imgproc.getStructuringElement(Imgproc.MORPH_ELLIPSE, new Size(SPOT, SPOT));
        Imgproc.morphologyEx(white, white, Imgproc.MORPH_OPEN, kernel);
        var share = Core.countNonZero(white) / (double) white.total();
        white.release();
        kernel.release();
        return share;
    }
}
