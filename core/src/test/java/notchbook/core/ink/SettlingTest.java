package notchbook.core.ink;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import notchbook.core.ink.Stroke.Tool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Smoothing and simplifying: what is left of a hand's samples. */
class SettlingTest {
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void takesMostOfTheTrembleOutOfALine(long seed) {
        var drawn = Hand.trembling(0.8, seed).along(0, 50, 300, 50);
        assertThat(roughness(Smoothing.of(drawn.points()))).isLessThan(0.55 * roughness(drawn.points()));
    }

    @Test
    void leavesAStraightLineWhereItIs() {
        var drawn = Hand.steady().along(0, 0, 120, 90);
        assertThat(Smoothing.of(drawn.points()))
                .zipSatisfy(drawn.points(), (smooth, point) -> assertThat(smooth.distanceTo(point))
                        .isLessThan(1e-9));
    }

    @Test
    void leavesCornersAndEndsSharp() {
        var drawn = Hand.steady().along(0, 0, 60, 0, 60, 60);
        assertThat(Smoothing.of(drawn.points()))
                .contains(drawn.points().getFirst(), drawn.points().getLast())
                .anySatisfy(point ->
                        assertThat(point.distanceTo(new InkPoint(60, 0, 0, 0))).isZero());
    }

    @Test
    void movesNoSampleFurtherThanThreePx() {
        var drawn = Hand.trembling(30, 7).along(0, 0, 200, 0);
        assertThat(Smoothing.of(drawn.points()))
                .zipSatisfy(drawn.points(), (smooth, point) -> assertThat(smooth.distanceTo(point))
                        .isLessThanOrEqualTo(3 + 1e-9));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void losesNoSampleFurtherOffThanTheTolerance(long seed) {
        var drawn = Hand.trembling(2, seed).around(100, 100, 80, 40, 20, 0);
        var kept = Simplifying.within(drawn.points(), 0.5);
        assertThat(kept).hasSizeLessThan(drawn.points().size());
        assertThat(drawn.points()).allSatisfy(point -> assertThat(Plane.distance(point.x(), point.y(), kept))
                .isLessThanOrEqualTo(0.5));
    }

    @Test
    void keepsTwoSamplesOfAStraightLineAndTheTimesOfBoth() {
        var drawn = Hand.steady().along(0, 0, 300, 0);
        assertThat(drawn.settled().points())
                .containsExactly(drawn.points().getFirst(), drawn.points().getLast());
    }

    @Test
    void keepsWhereAStraightLineGrowsThick() {
        var pressures = DoubleStream.of(0.2, 0.2, 0.2, 0.9, 0.2, 0.2, 0.2).toArray();
        var points = IntStream.range(0, pressures.length)
                .mapToObj(i -> new InkPoint(10 * i, 0, pressures[i], i))
                .toList();
        assertThat(new Stroke(Tool.PEN, "#17262D", 4, points).settled().points())
                .anySatisfy(point -> assertThat(point.pressure()).isEqualTo(0.9));
    }

    @Test
    void keepsATapAndAStrokeOfTwoSamples() {
        var tap = new Stroke(Tool.PEN, "#17262D", 4, List.of(new InkPoint(5, 5, 0.5, 0)));
        var two = new Stroke(Tool.PEN, "#17262D", 4, List.of(new InkPoint(5, 5, 0.5, 0), new InkPoint(9, 5, 0.5, 8)));
        assertThat(List.of(tap.settled(), two.settled())).containsExactly(tap, two);
    }

    @Test
    void settlesWhatIsSettledToTheSame() {
        var once = Hand.trembling(0.5, 3).around(100, 100, 70, 30, 0, 0).settled();
        assertThat(Simplifying.within(once.points(), Simplifying.TOLERANCE)).hasSameSizeAs(once.points());
    }

    @Test
    void drawsBroaderWithTheSideOfThePen() {
        var stroke = new Stroke(Tool.PEN, "#17262D", 4, List.of(new InkPoint(0, 0, 1, 0)));
        assertThat(List.of(0.0, 35.0, 62.5, 90.0))
                .extracting(tilt -> stroke.widthAt(new InkPoint(0, 0, 1, 0, tilt)))
                .satisfiesExactly(
                        upright -> assertThat(upright).isEqualTo(4),
                        writing -> assertThat(writing).isEqualTo(4),
                        leaning -> assertThat(leaning).isEqualTo(7, within(1e-9)),
                        lying -> assertThat(lying).isEqualTo(10, within(1e-9)));
    }

    /** The mean distance of a level line's samples from it. */
    private static double roughness(List<InkPoint> points) {
        return points.subList(1, points.size() - 1).stream()
                .mapToDouble(point -> Math.abs(point.y() - 50))
                .average()
                .orElseThrow();
    }
}
