package notchbook.imaging.scan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import notchbook.core.scan.Corner;
import notchbook.core.scan.Quad;
import org.opencv.core.Mat;
import org.opencv.core.Point;
import org.opencv.core.Size;
import org.opencv.imgproc.Imgproc;

/**
 * Finds the page in a photo. Text is wiped off the paper (a closing takes away what is dark and thin), lines are found in
 * what is left, and every four of them that could go round a page are tried: along a true side, what lies right inside it
 * is paper and what lies right outside is not. The best four are then laid onto the edge in a finer picture.
 */
public final class PageFinder {
    /** Large enough for the sides of a page, small enough to try thousands of quads. In px. */
    private static final int SMALL = 640;

    /** Wipes letters off the page and leaves its sides. In px of the small picture. */
    private static final int LETTER = 11;

    /** A side that is hardly seen may still be the true one; it makes the page a guess. */
    private static final double WEAKEST_SIDE = 0.13;

    private static final int MOST_RANKED = 150;
    private static final double SMALLEST_AREA = 0.08;
    private static final double NARROWEST_PAGE = 0.16;
    private static final double NARROWEST_ANGLE = Math.toRadians(48);
    private static final double MOST_OUTSIDE = 0.12;

    private PageFinder() {}

    /** The page of a photo; all of the photo, with no sureness, when none is found. */
    public static FoundPage find(byte[] photo) {
        var picture = Vision.decoded(photo);
        try {
            return find(picture);
        } finally {
            picture.release();
        }
    }

    static FoundPage find(Mat picture) {
        var small = Vision.shrunk(picture, SMALL);
        var lab = wiped(small);
        var support = new SideSupport(lab);
        var writing = Writing.in(small);
        var candidates = ranked(candidates(SideFinder.in(lab), lab, support), writing);
        small.release();
        if (candidates.isEmpty()) {
            lab.release();
            return new FoundPage(Quad.WHOLE, 0);
        }
        var best = candidates.getFirst();
        var corners = SideFitter.fitted(picture, scaled(best.corners(), picture.cols() / (double) lab.cols()));
        var rival = rivalOf(best, candidates, SMALL);
        lab.release();
        return quad(corners, picture)
                .map(quad -> new FoundPage(quad, sureness(best, rival, writing)))
                .orElse(new FoundPage(Quad.WHOLE, 0));
    }

    /** Four corners with how well their sides are seen. */
    private record Candidate(List<Point> corners, SideSupport.Seen seen, double score) {}

    private static Mat wiped(Mat small) {
        var kernel = Imgproc.getStructuringElement(Imgproc.MORPH_ELLIPSE, new Size(LETTER, LETTER));
        var closed = new Mat();
        Imgproc.morphologyEx(small, closed, Imgproc.MORPH_CLOSE, kernel);
        Imgproc.medianBlur(closed, closed, 5);
        Imgproc.cvtColor(closed, closed, Imgproc.COLOR_BGR2Lab);
        kernel.release();
        return closed;
    }

    /** What is written lies on the page: of the best, those come first that hold most of it. */
    private static List<Candidate> ranked(List<Candidate> candidates, Writing writing) {
        return candidates.stream()
                .limit(MOST_RANKED)
                .map(one -> new Candidate(
                        one.corners(), one.seen(), one.score() * (0.35 + 0.65 * writing.shareInside(one.corners()))))
                .sorted(Comparator.comparingDouble(Candidate::score).reversed())
                .toList();
    }

    /** Every two lines and two others across them, the best first. */
    private static List<Candidate> candidates(List<Side> lines, Mat lab, SideSupport support) {
        var found = new ArrayList<Candidate>();
        for (var a = 0; a < lines.size(); a++) {
            for (var b = a + 1; b < lines.size(); b++) {
                if (!areOpposite(lines.get(a), lines.get(b), lab)) {
                    continue;
                }
                across(lines, a, b, lab, support, found);
            }
        }
        return found.stream()
                .sorted(Comparator.comparingDouble(Candidate::score).reversed())
                .toList();
    }

    private static void across(List<Side> lines, int a, int b, Mat lab, SideSupport support, List<Candidate> found) {
        // Each pair of pairs is met twice; the second meeting has its first pair later in the list.
        for (var c = a + 1; c < lines.size(); c++) {
            for (var d = c + 1; d < lines.size(); d++) {
                if (c == b || d == b || !areOpposite(lines.get(c), lines.get(d), lab)) {
                    continue;
                }
                corners(lines.get(a), lines.get(b), lines.get(c), lines.get(d), lab)
                        .flatMap(corners -> candidate(corners, lab, support))
                        .ifPresent(found::add);
            }
        }
    }

    /** Whether two lines could be opposite sides: they run about the same way, with room for a page between them. */
    private static boolean areOpposite(Side one, Side other, Mat lab) {
        var middle = new Point(lab.cols() / 2.0, lab.rows() / 2.0);
        return one.angleTo(other) < NARROWEST_ANGLE
                && one.apartFrom(other, middle) > NARROWEST_PAGE * Math.min(lab.cols(), lab.rows());
    }

    private static Optional<List<Point>> corners(Side a, Side b, Side c, Side d, Mat lab) {
        var ac = a.meets(c);
        var ad = a.meets(d);
        var bc = b.meets(c);
        var bd = b.meets(d);
        if (ac.isEmpty() || ad.isEmpty() || bc.isEmpty() || bd.isEmpty()) {
            return Optional.empty();
        }
        return Corners.round(List.of(ac.get(), ad.get(), bd.get(), bc.get()))
                .filter(corners -> corners.stream().allMatch(corner -> isNear(corner, lab)))
                .filter(corners -> Corners.area(corners) > SMALLEST_AREA * lab.cols() * lab.rows())
                .filter(corners -> Corners.narrowest(corners) > NARROWEST_ANGLE);
    }

    private static boolean isNear(Point corner, Mat lab) {
        var x = MOST_OUTSIDE * lab.cols();
        var y = MOST_OUTSIDE * lab.rows();
        return corner.x > -x && corner.x < lab.cols() + x && corner.y > -y && corner.y < lab.rows() + y;
    }

    private static Optional<Candidate> candidate(List<Point> corners, Mat lab, SideSupport support) {
        var seen = support.of(corners);
        if (seen.weakest() < WEAKEST_SIDE) {
            return Optional.empty();
        }
        var area = Corners.area(corners) / (lab.cols() * (double) lab.rows());
        return Optional.of(new Candidate(corners, seen, seen.all() * Math.pow(area, 0.22)));
    }

    /** The best candidate that is another page than the best one. */
    private static Optional<Candidate> rivalOf(Candidate best, List<Candidate> candidates, int side) {
        return candidates.stream()
                .filter(other -> Corners.farthest(best.corners(), other.corners()) > 0.04 * side)
                .findFirst();
    }

    /** A weak side, a rival that is nearly as good, and writing that goes on outside all make it a guess. */
    private static double sureness(Candidate best, Optional<Candidate> rival, Writing writing) {
        var lead = 1 - rival.map(other -> other.score() / best.score()).orElse(0.0);
        var inside = Math.pow(writing.shareInside(best.corners()), 5);
        return Math.clamp((best.seen().weakest() * 0.75 + Math.min(0.25, lead)) * inside, 0, 1);
    }

    private static List<Point> scaled(List<Point> corners, double scale) {
        return corners.stream()
                .map(corner -> new Point(corner.x * scale, corner.y * scale))
                .toList();
    }

    private static Optional<Quad> quad(List<Point> corners, Mat picture) {
        var shares = corners.stream()
                .map(corner -> new double[] {corner.x / picture.cols(), corner.y / picture.rows()})
                .toList();
        try {
            var c = shares.stream().map(share -> new Corner(share[0], share[1])).toList();
            return Optional.of(new Quad(c.get(0), c.get(1), c.get(2), c.get(3)));
        } catch (IllegalArgumentException folded) {
            return Optional.empty();
        }
    }
}
