package notchbook.core.ink;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import notchbook.core.ink.Stroke.Tool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EraserTest {
    private static final Stroke LEVEL =
            new Stroke(Tool.PEN, "#17262D", 4, List.of(new InkPoint(0, 0, 0.2, 0), new InkPoint(100, 0, 1, 1000)));

    @ParameterizedTest
    @CsvSource({"50,0,true", "50,11.9,true", "50,12.1,false", "-11.9,0,true", "-12.1,0,false", "112,0,true"})
    void touchesAStrokeUpToItsEdge(double x, double y, boolean touches) {
        assertThat(at(x, y).touches(LEVEL)).isEqualTo(touches);
        assertThat(LEVEL.isNear(x, y, 10)).isEqualTo(touches);
    }

    @Test
    void cutsAStrokeInTwoWithTheTimeAndPressureOfTheCut() {
        var pieces = at(50, 0).leaves(LEVEL);
        assertThat(pieces).hasSize(2);
        var end = pieces.getFirst().points().getLast();
        var start = pieces.getLast().points().getFirst();
        assertThat(end.x()).isEqualTo(40, within(0.02));
        assertThat(start.x()).isEqualTo(60, within(0.02));
        assertThat(List.of(end.millis(), start.millis()))
                .allSatisfy(millis -> assertThat(millis).isBetween(399, 601));
        assertThat(start.pressure()).isEqualTo(0.68, within(0.001));
    }

    @ParameterizedTest
    @CsvSource({"0,1,10,100", "100,1,0,90", "-30,1,0,100", "50,2,0,40"})
    void shortensEndsAndLeavesTheRest(double x, int pieces, double from, double to) {
        var left = at(x, 0).leaves(LEVEL);
        assertThat(left).hasSize(pieces);
        assertThat(left.getFirst().points().getFirst().x()).isEqualTo(from, within(0.02));
        assertThat(left.getFirst().points().getLast().x()).isEqualTo(to, within(0.02));
    }

    @Test
    void givesAnUntouchedStrokeBackAsItIs() {
        assertThat(at(50, 11).leaves(LEVEL)).singleElement().isSameAs(LEVEL);
    }

    @Test
    void leavesNothingOfATapOrAStrokeUnderIt() {
        var tap = LEVEL.along(List.of(new InkPoint(3, 3, 1, 0)));
        var all = new Eraser(List.of(new InkPoint(-5, 0, 0, 0), new InkPoint(105, 0, 0, 0)), 6);
        assertThat(at(0, 0).leaves(tap)).isEmpty();
        assertThat(all.leaves(LEVEL)).isEmpty();
        assertThat(at(50, 50).leaves(tap)).containsExactly(tap);
    }

    @Test
    void rubsOutBetweenTwoPlacesOfAQuickHand() {
        var quick = new Eraser(List.of(new InkPoint(30, -80, 0, 0), new InkPoint(30, 80, 0, 0)), 5);
        assertThat(quick.leaves(LEVEL)).hasSize(2);
    }

    /** Whatever is rubbed where: nothing is left under the eraser, and all that was outside is there, in its order. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void takesWhatIsUnderItAndNothingElse(long seed) {
        var random = new Random(seed);
        var stroke = Hand.trembling(1, seed).around(100, 100, 90, 60, seed * 9, 5);
        var path = List.of(somewhere(random), somewhere(random), somewhere(random));
        var radius = 4 + random.nextInt(20);
        var left = new Eraser(path, radius)
                .leaves(stroke).stream()
                        .flatMap(piece -> piece.points().stream())
                        .toList();
        assertThat(left).allSatisfy(point -> assertThat(Plane.distance(point.x(), point.y(), path))
                .isGreaterThan(radius));
        assertThat(left)
                .containsSubsequence(stroke.points().stream()
                        .filter(point -> Plane.distance(point.x(), point.y(), path) > radius)
                        .toList());
        assertThat(left).extracting(InkPoint::millis).isSorted();
    }

    private static InkPoint somewhere(Random random) {
        return new InkPoint(200 * random.nextDouble(), 200 * random.nextDouble(), 0, 0);
    }

    private static Eraser at(double x, double y) {
        return new Eraser(List.of(new InkPoint(x, y, 0, 0)), 10);
    }
}
