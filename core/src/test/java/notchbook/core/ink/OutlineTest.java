package notchbook.core.ink;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import notchbook.core.ink.Stroke.Tool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutlineTest {
    @ParameterizedTest
    @CsvSource({"PEN,1.0,10", "PEN,0.5,7", "PEN,0.0,4", "HIGHLIGHTER,0.2,10"})
    void isAsWideAsThePressureSays(Tool tool, double pressure, double height) {
        var outline = Outline.of(stroke(tool, at(0, 0, pressure), at(50, 0, pressure), at(100, 0, pressure)));
        var ys = corners(outline).mapToDouble(Outline.Corner::y).summaryStatistics();
        assertThat(ys.getMax() - ys.getMin()).isEqualTo(height, within(1e-6));
    }

    @Test
    void makesADiscOfASingleTap() {
        var outline = Outline.of(stroke(Tool.PEN, at(20, 20, 1), at(20, 20, 1)));
        assertThat(corners(outline).toList())
                .allSatisfy(corner ->
                        assertThat(Math.hypot(corner.x() - 20, corner.y() - 20)).isEqualTo(5, within(1e-6)));
    }

    @Test
    void roundsBothEndsOutward() {
        var outline = Outline.of(stroke(Tool.PEN, at(0, 0, 1), at(100, 0, 1)));
        var xs = corners(outline).mapToDouble(Outline.Corner::x).summaryStatistics();
        assertThat(xs.getMin()).isEqualTo(-5, within(1e-6));
        assertThat(xs.getMax()).isEqualTo(105, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource({"NaN,0,0.5", "0,Infinity,0.5", "0,0,1.5", "0,0,-0.1"})
    void refusesSamplesThatNoPenMakes(double x, double y, double pressure) {
        assertThatThrownBy(() -> at(x, y, pressure)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void refusesADrawingTooLargeToKeep() {
        var points = new InkPoint[500_001];
        Arrays.fill(points, at(1, 1, 1));
        assertThatThrownBy(() -> new Drawing(100, 100, List.of(stroke(Tool.PEN, points))))
                .hasMessageContaining("500,000 points");
    }

    @Test
    void roundsSharpCornersAndHasNoSpikes() {
        var there = stroke(Tool.PEN, at(0, 0, 1), at(100, 0, 1), at(2, 1, 1));
        var outline = Outline.of(there);
        assertThat(outline.rings()).hasSize(2);
        assertThat(corners(outline).mapToDouble(Outline.Corner::x).max()).hasValueCloseTo(105.0, within(1e-6));
    }

    private static Stream<Outline.Corner> corners(Outline outline) {
        return outline.rings().stream().flatMap(List::stream);
    }

    private static Stroke stroke(Tool tool, InkPoint... points) {
        return new Stroke(tool, "#17262D", 10, List.of(points));
    }

    private static InkPoint at(double x, double y, double pressure) {
        return new InkPoint(x, y, pressure, 0);
    }
}
