package notchbook.demo;

import java.util.List;
import java.util.Random;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;
import org.opencv.core.MatOfByte;
import org.opencv.core.MatOfPoint;
import org.opencv.core.MatOfPoint2f;
import org.opencv.core.Point;
import org.opencv.core.Scalar;
import org.opencv.core.Size;
import org.opencv.imgcodecs.Imgcodecs;
import org.opencv.imgproc.Imgproc;

/** Photos of sheets on a wooden desk, taken aslant by a phone whose own shadow falls over them. */
final class PaperPhotos {
    private static final int WIDTH = 2_400;
    private static final int HEIGHT = 1_800;
    private static final Scalar WOOD = new Scalar(70, 98, 132);
    private static final double FULL_TURN = 2 * Math.PI;

    private PaperPhotos() {}

    /** How a photo is taken: quarters that the sheet lies turned, how far it is out of focus in px, the photographer's hand. */
    record Shot(int quarters, double blur, long seed) {}

    static byte[] jpeg(Sheet sheet, Shot shot) {
        var random = new Random(shot.seed());
        var photo = desk(random);
        lay(sheet.drawn(7), corners(shot, random), photo);
        shade(photo, random);
        Imgproc.GaussianBlur(photo, photo, new Size(0, 0), 0.8 + shot.blur());
        grain(photo);
        var out = new MatOfByte();
        Imgcodecs.imencode(".jpg", photo, out);
        return out.toArray();
    }

    private static Mat desk(Random random) {
        Core.setRNGSeed(random.nextInt());
        var streaks = new Mat(HEIGHT, WIDTH / 60, CvType.CV_8UC3);
        Core.randn(streaks, 0, 14);
        var desk = new Mat(HEIGHT, WIDTH, CvType.CV_8UC3, WOOD);
        Imgproc.resize(streaks, streaks, desk.size(), 0, 0, Imgproc.INTER_CUBIC);
        Core.add(desk, streaks, desk);
        Core.randn(streaks, 0, 10);
        Imgproc.GaussianBlur(streaks, streaks, new Size(0, 0), 8, 1);
        Core.subtract(desk, streaks, desk);
        return desk;
    }

    /** A sheet in the middle, turned a little, one side further from the camera than the other. */
    private static List<Point> corners(Shot shot, Random random) {
        var tall = shot.quarters() % 2 == 0;
        var halfHeight = tall ? 0.41 * HEIGHT : 0.4 * HEIGHT * Sheet.HEIGHT / Sheet.WIDTH;
        var halfWidth = halfHeight * Sheet.WIDTH / Sheet.HEIGHT;
        var angle = FULL_TURN * shot.quarters() / 4 + 0.14 * (random.nextDouble() - 0.5);
        var lean = 0.1 + 0.08 * random.nextDouble();
        return List.of(
                        new Point(-halfWidth, -halfHeight),
                        new Point(halfWidth, -halfHeight),
                        new Point(halfWidth, halfHeight),
                        new Point(-halfWidth, halfHeight))
                .stream()
                .map(corner -> {
                    var x = corner.x * Math.cos(angle) - corner.y * Math.sin(angle);
                    var y = corner.x * Math.sin(angle) + corner.y * Math.cos(angle);
                    var near = 1 + lean * y / HEIGHT * 2;
                    return new Point(WIDTH / 2.0 + x * near, HEIGHT / 2.0 + y * near * 0.97);
                })
                .toList();
    }

    private static void lay(Mat sheet, List<Point> corners, Mat photo) {
        var shadow = new Mat(photo.size(), CvType.CV_8UC1, new Scalar(0));
        var below = corners.stream().map(corner -> new Point(corner.x + 10, corner.y + 14));
        Imgproc.fillConvexPoly(shadow, new MatOfPoint(below.toArray(Point[]::new)), new Scalar(60));
        Imgproc.GaussianBlur(shadow, shadow, new Size(0, 0), 9);
        Imgproc.cvtColor(shadow, shadow, Imgproc.COLOR_GRAY2BGR);
        Core.subtract(photo, shadow, photo);
        var from = new MatOfPoint2f(
                new Point(0, 0),
                new Point(Sheet.WIDTH, 0),
                new Point(Sheet.WIDTH, Sheet.HEIGHT),
                new Point(0, Sheet.HEIGHT));
        var transform = Imgproc.getPerspectiveTransform(from, new MatOfPoint2f(corners.toArray(Point[]::new)));
        var laid = new Mat();
        Imgproc.warpPerspective(sheet, laid, transform, photo.size(), Imgproc.INTER_AREA);
        var mask = new Mat(photo.size(), CvType.CV_8UC1, new Scalar(0));
        Imgproc.fillConvexPoly(mask, new MatOfPoint(corners.toArray(Point[]::new)), new Scalar(255), Imgproc.LINE_AA);
        laid.copyTo(photo, mask);
    }

    /** A window at one side, and the phone between the lamp and the sheet. */
    private static void shade(Mat photo, Random random) {
        var coarse = new Size(WIDTH / 8.0, HEIGHT / 8.0);
        var light = new Mat(coarse, CvType.CV_32FC1, new Scalar(1));
        for (var x = 0; x < coarse.width; x++) {
            light.col(x).setTo(new Scalar(1 - 0.3 * x / coarse.width));
        }
        var left = coarse.width * (0.2 + 0.3 * random.nextDouble());
        var phone = new MatOfPoint(
                new Point(left, coarse.height * 0.45),
                new Point(left + coarse.width * 0.3, coarse.height * 0.38),
                new Point(left + coarse.width * 0.42, coarse.height * 1.1),
                new Point(left - coarse.width * 0.1, coarse.height * 1.1));
        var shadow = new Mat(coarse, CvType.CV_32FC1, new Scalar(1));
        Imgproc.fillConvexPoly(shadow, phone, new Scalar(0.66));
        Imgproc.GaussianBlur(shadow, shadow, new Size(0, 0), 10);
        Core.multiply(light, shadow, light);
        Imgproc.resize(light, light, photo.size(), 0, 0, Imgproc.INTER_LINEAR);
        Imgproc.cvtColor(light, light, Imgproc.COLOR_GRAY2BGR);
        var lit = new Mat();
        photo.convertTo(lit, CvType.CV_32F);
        Core.multiply(lit, light, lit);
        lit.convertTo(photo, CvType.CV_8U);
    }

    private static void grain(Mat photo) {
        var noise = new Mat(photo.size(), CvType.CV_16SC3);
        Core.randn(noise, 0, 3);
        var sum = new Mat();
        photo.convertTo(sum, CvType.CV_16SC3);
        Core.add(sum, noise, sum);
        sum.convertTo(photo, CvType.CV_8U);
    }
}
