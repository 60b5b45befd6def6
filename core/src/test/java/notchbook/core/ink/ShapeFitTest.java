package notchbook.core.ink;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Supplier;
import java.util.stream.Stream;
import notchbook.core.ink.Shape.Axes;
import notchbook.core.ink.Shape.Ellipse;
import notchbook.core.ink.Shape.Line;
import notchbook.core.ink.Shape.Place;
import notchbook.core.ink.Shape.Rectangle;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShapeFitTest {
    /** What is drawn by a hand that trembles by up to 2 px, and what it was meant to be. */
    private static final Map<String, Drawn> DRAWN = Map.ofEntries(
            Map.entry("Line", hand -> hand.along(10, 10, 150, 80)),
            Map.entry("Line, bent a little", hand -> hand.along(10, 10, 80, 52, 150, 80)),
            Map.entry("Rectangle", hand -> hand.along(10, 10, 160, 12, 158, 90, 12, 88, 10, 16)),
            Map.entry("Rectangle, turned", hand -> hand.along(100, 20, 170, 90, 120, 140, 50, 70, 98, 24)),
            Map.entry(
                    "Rectangle, begun on a side", hand -> hand.along(60, 10, 10, 10, 10, 90, 120, 90, 120, 10, 64, 10)),
            Map.entry("Ellipse", hand -> hand.around(100, 100, 80, 40, 0, 8)),
            Map.entry("Ellipse, slanted", hand -> hand.around(100, 100, 90, 35, 35, 0)),
            Map.entry("Ellipse, round", hand -> hand.around(100, 100, 60, 57, 0, 12)),
            Map.entry("Arrow, one line", hand -> hand.along(10, 100, 150, 40, 128, 36, 150, 40, 136, 60)),
            Map.entry("Arrow, one barb", hand -> hand.along(10, 100, 150, 100, 128, 86)),
            Map.entry("Arrow, to the left", hand -> hand.along(200, 50, 20, 55, 44, 40, 20, 55, 46, 72)),
            Map.entry("Axes", hand -> hand.along(20, 20, 22, 150, 180, 152)),
            Map.entry("nothing: a wave", hand -> hand.along(0, 50, 30, 0, 60, 50, 90, 0, 120, 50, 150, 0)),
            Map.entry("nothing: a word’s beginning", hand -> hand.along(0, 0, 4, 18, 9, 3)),
            Map.entry("nothing: an open bow", hand -> hand.around(100, 100, 60, 60, 0, 150)),
            Map.entry("nothing: a triangle", hand -> hand.along(100, 10, 180, 150, 20, 150, 98, 14)),
            Map.entry("nothing: a hook to the left", hand -> hand.along(150, 20, 150, 150, 30, 150)),
            Map.entry(
                    "nothing: scribbled out",
                    hand -> hand.along(0, 0, 100, 20, 0, 40, 100, 60, 0, 80, 100, 100, 0, 120, 100, 140)));

    private interface Drawn {
        Stroke by(Hand hand);
    }

    @TestFactory
    Stream<DynamicTest> seesWhatWasMeant() {
        return DRAWN.entrySet().stream()
                .map(drawn -> DynamicTest.dynamicTest(drawn.getKey(), () -> {
                    for (var seed = 0; seed < 20; seed++) {
                        var stroke = drawn.getValue().by(Hand.trembling(2, seed));
                        assertThat(kind(ShapeFit.meant(stroke)))
                                .as("seed %d", seed)
                                .isEqualTo(drawn.getKey().split("[,:]")[0]);
                    }
                }));
    }

    @Test
    void makesNearlyLevelAndUprightExactlySo() {
        var line = (Line) ShapeFit.meant(Hand.steady().along(10, 50, 200, 60)).orElseThrow();
        assertThat(line.to().y()).isEqualTo(50, within(1e-9));
        assertThat(line.to().x()).isEqualTo(200.26, within(0.01));
        var slant = (Line) ShapeFit.meant(Hand.steady().along(10, 50, 200, 90)).orElseThrow();
        assertThat(slant.to()).isEqualTo(new Place(200, 90));
    }

    @ParameterizedTest
    @CsvSource({"60,54,true", "60,40,false"})
    void makesNearlyRoundACircle(double a, double b, boolean isCircle) {
        var ellipse = (Ellipse)
                ShapeFit.meant(Hand.steady().around(100, 100, a, b, 0, 0)).orElseThrow();
        assertThat(ellipse.a() == ellipse.b()).isEqualTo(isCircle);
        assertThat(ellipse.middle().distanceTo(new Place(100, 100))).isLessThan(1);
        assertThat(ellipse.a() + ellipse.b()).isEqualTo(a + b, within(2.0));
    }

    @Test
    void findsTheSidesOfARectangleThatWasDrawnLevel() {
        var box = (Rectangle) ShapeFit.meant(Hand.trembling(1, 4).along(10, 10, 160, 12, 158, 90, 12, 88, 10, 16))
                .orElseThrow();
        assertThat(box.angle()).isZero();
        assertThat(2 * box.a()).isEqualTo(150, within(4.0));
        assertThat(2 * box.b()).isEqualTo(80, within(4.0));
    }

    @Test
    void setsAxesSquare() {
        var axes = (Axes)
                ShapeFit.meant(Hand.steady().along(25, 20, 20, 150, 180, 158)).orElseThrow();
        assertThat(axes.up().x()).isEqualTo(axes.origin().x());
        assertThat(axes.right().y()).isEqualTo(axes.origin().y());
    }

    @Test
    void keepsPenPressureAndTimeOfTheHand() {
        var drawn = Hand.trembling(1, 1).along(10, 10, 150, 80);
        var fitted = ShapeFit.of(drawn).orElseThrow();
        assertThat(fitted.points()).hasSize(2).allSatisfy(point -> assertThat(point.pressure())
                .isEqualTo(0.5));
        assertThat(fitted.points().getLast().millis())
                .isEqualTo(drawn.points().getLast().millis());
        assertThat(fitted.colour()).isEqualTo(drawn.colour());
    }

    /** Held still, a pen gives the same place many times. */
    @Test
    void isNotPutOffByThePenThatIsHeldStill() {
        var drawn = Hand.steady().along(10, 10, 150, 80);
        var random = new Random(5);
        var held = Stream.concat(
                        drawn.points().stream(),
                        Stream.generate((Supplier<InkPoint>) () -> drawn.points()
                                        .getLast()
                                        .at(150 + random.nextDouble(), 80 + random.nextDouble()))
                                .limit(60))
                .toList();
        assertThat(kind(ShapeFit.meant(drawn.along(held)))).isEqualTo("Line");
    }

    private static String kind(Optional<Shape> shape) {
        return shape.map(meant -> meant.getClass().getSimpleName()).orElse("nothing");
    }
}
