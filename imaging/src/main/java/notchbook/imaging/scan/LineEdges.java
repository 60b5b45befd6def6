package notchbook.imaging.scan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.opencv.core.Mat;

/** Lines of writing begin under each other and end where they end: where letters tell nothing, that tells the way up. */
final class LineEdges {
    /** How much further apart the one ends lie than the others. */
    private static final double RAGGED = 2;

    private LineEdges() {}

    /**
     * Whether a page hangs upside down, its lines even at the right. A page that lies is looked at as if it had to be turned
     * to the right. Empty when too few lines tell it too little.
     */
    static Optional<Boolean> upsideDown(Mat ink, boolean isLying) {
        var page = Direction.turned(ink, isLying ? 1 : 0);
        var lefts = new ArrayList<Integer>();
        var rights = new ArrayList<Integer>();
        for (var line : InkRows.lines(InkRows.profile(page, 1))) {
            var columns = InkRows.profile(page.rowRange(line.from(), line.to()), 0);
            lefts.add(firstInk(columns));
            rights.add(lastInk(columns));
        }
        page.release();
        if (lefts.size() < InkRows.FEWEST_LINES) {
            return Optional.empty();
        }
        var left = spread(lefts);
        var right = spread(rights);
        if (right > RAGGED * left) {
            return Optional.of(false);
        }
        return left > RAGGED * right ? Optional.of(true) : Optional.empty();
    }

    private static int firstInk(double[] columns) {
        var at = 0;
        while (at < columns.length - 1 && columns[at] == 0) {
            at++;
        }
        return at;
    }

    private static int lastInk(double[] columns) {
        var at = columns.length - 1;
        while (at > 0 && columns[at] == 0) {
            at--;
        }
        return at;
    }

    /** The middle half's width: a heading or a sketch here and there changes nothing. */
    private static double spread(List<Integer> places) {
        var sorted = places.stream().sorted().toList();
        return 1 + sorted.get(3 * sorted.size() / 4) - sorted.get(sorted.size() / 4);
    }
}
