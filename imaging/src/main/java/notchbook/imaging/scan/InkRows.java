package notchbook.imaging.scan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.opencv.core.Core;
import org.opencv.core.CvType;
import org.opencv.core.Mat;

/** How ink lies in rows, and which rows are a line of writing. */
final class InkRows {
    /** With fewer lines than this nothing is told by them. */
    static final int FEWEST_LINES = 4;

    /** What is lower is dust. In px. */
    private static final int LOWEST_LINE = 5;

    private InkRows() {}

    /** How much ink each row (1) or column (0) has, as a share. */
    static double[] profile(Mat ink, int along) {
        var sums = new Mat();
        Core.reduce(ink, sums, along, Core.REDUCE_AVG, CvType.CV_64F);
        var profile = new double[(int) sums.total()];
        sums.get(0, 0, profile);
        sums.release();
        for (var i = 0; i < profile.length; i++) {
            profile[i] /= 255;
        }
        return profile;
    }

    /** The rows of a line of text, from its highest letter to below its lowest. */
    record Span(int from, int to) {}

    static List<Span> lines(double[] profile) {
        var most = Arrays.stream(profile).sorted().toArray()[profile.length * 95 / 100];
        var spans = new ArrayList<Span>();
        var start = -1;
        for (var i = 0; i <= profile.length; i++) {
            var isInk = i < profile.length && profile[i] > 0.04 * most;
            if (isInk && start < 0) {
                start = i;
            }
            if (!isInk && start >= 0) {
                if (i - start >= LOWEST_LINE && i - start < profile.length / 12) {
                    spans.add(new Span(start, i));
                }
                start = -1;
            }
        }
        return spans;
    }
}
