package notchbook.imaging.scan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.opencv.core.Core;
import org.opencv.core.Mat;
import org.opencv.core.Point;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/** Finds lines that could be sides of a page: straight pieces of edge in lightness and in colour, joined into whole lines. */
final class SideFinder {
    /** Lines that are kept: more than the sides of a page, its shadow, and the things around it. */
    private static final int MOST = 30;

    /** Pieces shorter than this share of the picture's long side are letters and grain. */
    private static final double SHORTEST_PIECE = 0.045;

    private static final double SAME_ANGLE = Math.toRadians(2.5);
    private static final double SAME_PLACE = 0.011;

    private SideFinder() {}

    /** Lines in a small picture (Lab), the best seen first, and the four borders of the picture last. */
    static List<Side> in(Mat lab) {
        var channels = new ArrayList<Mat>();
        Core.split(lab, channels);
        var side = Math.max(lab.cols(), lab.rows());
        var pieces = new ArrayList<Side>();
        channels.add(stretched(channels.getFirst()));
        channels.forEach(channel -> pieces.addAll(pieces(channel, side)));
        channels.forEach(Mat::release);
        var lines = new ArrayList<>(joined(pieces, side).stream().limit(MOST).toList());
        lines.addAll(borders(lab));
        return lines;
    }

    /** Lightness with its fine steps made coarse: paper on a pale desk in a shadow differs from it by a step or two. */
    private static Mat stretched(Mat lightness) {
        var stretched = new Mat();
        var clahe = Imgproc.createCLAHE(4, new Size(4, 4));
        clahe.apply(lightness, stretched);
        return stretched;
    }

    private static List<Side> pieces(Mat channel, int side) {
        var found = new Mat();
        var detector = Imgproc.createLineSegmentDetector(Imgproc.LSD_REFINE_STD, 0.8, 0.6, 1.2);
        detector.detect(channel, found);
        var pieces = new ArrayList<Side>();
        for (var i = 0; i < found.rows(); i++) {
            var piece = new float[4];
            found.get(i, 0, piece);
            var a = new Point(piece[0], piece[1]);
            var b = new Point(piece[2], piece[3]);
            var length = Math.hypot(a.x - b.x, a.y - b.y);
            if (length >= SHORTEST_PIECE * side) {
                pieces.add(Side.through(a, b, length));
            }
        }
        found.release();
        return pieces;
    }

    /** Pieces of one line add up, the longest telling where it runs. */
    private static List<Side> joined(List<Side> pieces, int side) {
        var lines = new ArrayList<Side>();
        for (var piece : pieces.stream()
                .sorted(Comparator.comparingDouble(Side::weight).reversed())
                .toList()) {
            var same = lines.stream()
                    .filter(line -> line.angleTo(piece) < SAME_ANGLE
                            && Math.abs(Math.abs(line.rho()) - Math.abs(piece.rho())) < SAME_PLACE * side)
                    .findFirst();
            if (same.isPresent()) {
                var line = same.get();
                lines.set(lines.indexOf(line), new Side(line.angle(), line.rho(), line.weight() + piece.weight()));
            } else {
                lines.add(piece);
            }
        }
        return lines.stream()
                .sorted(Comparator.comparingDouble(Side::weight).reversed())
                .toList();
    }

    /** A page may run out of the photo. */
    private static List<Side> borders(Mat picture) {
        var right = picture.cols() - 1.0;
        var bottom = picture.rows() - 1.0;
        return List.of(
                Side.through(new Point(0, 0), new Point(right, 0), 0),
                Side.through(new Point(right, 0), new Point(right, bottom), 0),
                Side.through(new Point(right, bottom), new Point(0, bottom), 0),
                Side.through(new Point(0, bottom), new Point(0, 0), 0));
    }
}
