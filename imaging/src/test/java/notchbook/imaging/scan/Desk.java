package notchbook.imaging.scan;

import java.util.List;
import java.util.Random;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfPoint;
import org.opencv.core.Point;
import org.opencv.core.Rect;
import org.opencv.core.Scalar;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/** What paper is photographed on. */
enum Desk {
    DARK_WOOD(new Scalar(40, 62, 92), 16),
    LIGHT_WOOD(new Scalar(150, 190, 214), 9),
    WHITE(new Scalar(206, 212, 214), 3),
    /** Hardly darker than paper. */
    PALE(new Scalar(222, 227, 229), 2),
    GREY(new Scalar(120, 122, 118), 6),
    CHECKED(new Scalar(120, 90, 150), 5);

    private final Scalar colour;
    private final int grain;

    Desk(Scalar colour, int grain) {
        this.colour = colour;
        this.grain = grain;
    }

    Mat painted(int width, int height, Random random) {
        var desk = new Mat(height, width, CvType.CV_8UC3, colour);
        var streaks = new Mat(height, width / 40 + 1, CvType.CV_8UC3);
        Core.randn(streaks, 0, grain);
        Imgproc.resize(streaks, streaks, new Size(width, height), 0, 0, Imgproc.INTER_CUBIC);
        Core.add(desk, streaks, desk);
        Core.randn(streaks, 0, grain);
        Imgproc.GaussianBlur(streaks, streaks, new Size(0, 0), 6, 1);
        Core.subtract(desk, streaks, desk);
        if (this == CHECKED) {
            for (var x = 0; x < width; x += 90) {
                Imgproc.rectangle(desk, new Rect(x, 0, 45, height), new Scalar(150, 120, 185), -1);
            }
            for (var y = 0; y < height; y += 90) {
                Imgproc.line(desk, new Point(0, y), new Point(width, y), new Scalar(90, 60, 120), 14);
            }
        }
        clutter(desk, random);
        return desk;
    }

    /** The corner of a book and a pencil, at the sides. */
    private static void clutter(Mat desk, Random random) {
        var w = desk.cols();
        var h = desk.rows();
        var tip = w * (0.04 + 0.1 * random.nextDouble());
        Imgproc.fillPoly(
                desk,
                List.of(new MatOfPoint(
                        new Point(0, h * 0.7), new Point(tip, h * 0.74), new Point(tip * 0.7, h), new Point(0, h))),
                new Scalar(60 + random.nextInt(120), 60 + random.nextInt(80), 40 + random.nextInt(140)));
        Imgproc.line(
                desk,
                new Point(w * 0.95, h * random.nextDouble() * 0.5),
                new Point(w * 0.98, h * (0.55 + 0.3 * random.nextDouble())),
                new Scalar(40, 170, 220),
                Math.max(4, w / 120));
    }
}
