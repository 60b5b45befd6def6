package notchbook.imaging.scan;

import nu.pattern.OpenCV;
import org.opencv.core.Core;
import org.opencv.core.Mat;
import org.opencv.core.MatOfByte;
import org.opencv.core.MatOfInt;
import org.opencv.core.Size;
import org.opencv.imgcodecs.Imgcodecs;
import org.opencv.imgproc.Imgproc;

/** The door to OpenCV: loads it once, and turns encoded pictures into matrices (BGR, 8 bits) and back. */
final class Vision {
    private static final int JPEG_QUALITY = 90;

    static {
        OpenCV.loadLocally();
        // A page at a time on its own core; the server decides how many pages at once.
        Core.setNumThreads(1);
    }

    private Vision() {}

    /** Makes sure that OpenCV is there before a matrix is made by hand. */
    static void load() {}

    /** A picture that {@link notchbook.imaging.photo.PhotoIntake} has let in. */
    static Mat decoded(byte[] picture) {
        var bytes = new MatOfByte(picture);
        try {
            return Imgcodecs.imdecode(bytes, Imgcodecs.IMREAD_COLOR);
        } finally {
            bytes.release();
        }
    }

    static byte[] jpeg(Mat picture) {
        var out = new MatOfByte();
        Imgcodecs.imencode(".jpg", picture, out, new MatOfInt(Imgcodecs.IMWRITE_JPEG_QUALITY, JPEG_QUALITY));
        return out.toArray();
    }

    /** A picture with a long side of {@code side} px, or itself where it is no larger. */
    static Mat shrunk(Mat picture, int side) {
        var scale = side / (double) Math.max(picture.cols(), picture.rows());
        if (scale >= 1) {
            return picture.clone();
        }
        var small = new Mat();
        Imgproc.resize(picture, small, new Size(), scale, scale, Imgproc.INTER_AREA);
        return small;
    }
}
