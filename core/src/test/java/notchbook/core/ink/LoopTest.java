package notchbook.core.ink;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import notchbook.core.ink.Stroke.Tool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a loop takes, and what is done to it. */
class LoopTest {
    /** Its ends are joined: the third side needs no line. */
    private static final Loop TRIANGLE =
            new Loop(Hand.steady().along(0, 0, 200, 0, 0, 200).points());

    @ParameterizedTest
    @CsvSource({
        "whole inside, 20,20,80,20, true",
        "most of it inside, 20,20,180,60, true",
        "most of it outside, 90,90,180,180, false",
        "outside, 150,150,190,190, false",
        "in the rectangle around the loop only, 150,180,180,150, false",
    })
    void holdsWhatLiesMostlyInside(String which, double x1, double y1, double x2, double y2, boolean holds) {
        assertThat(TRIANGLE.holds(Hand.steady().along(x1, y1, x2, y2)))
                .as(which)
                .isEqualTo(holds);
    }

    @Test
    void holdsATapByItsPlace() {
        assertThat(TRIANGLE.holds(tap(10, 10))).isTrue();
        assertThat(TRIANGLE.holds(tap(190, 190))).isFalse();
    }

    @Test
    void holdsNothingWhenItIsNoLoop() {
        assertThat(new Loop(List.of()).holds(tap(0, 0))).isFalse();
        assertThat(new Loop(List.of(new InkPoint(0, 0, 0, 0))).holds(tap(0, 0))).isFalse();
    }

    @Test
    void scalesAroundAPlaceThatStays() {
        var stroke = Hand.steady().along(10, 10, 40, 10);
        var scaled = stroke.scaled(10, 10, 2);
        assertThat(Bounds.of(scaled.points())).isEqualTo(new Bounds(10, 10, 70, 10));
        assertThat(scaled.width()).isEqualTo(8);
        assertThat(stroke.scaled(10, 10, 1_000).width()).isEqualTo(80);
    }

    @Test
    void takesTheRoomOfLineAndWidth() {
        assertRoom(Bounds.of(Hand.steady().along(10, 10, 40, 30)), 5, 5, 45, 35);
        assertRoom(Bounds.of(tap(100, 5)), 95, 0, 105, 10);
    }

    private static void assertRoom(Bounds room, double left, double top, double right, double bottom) {
        assertThat(List.of(room.left(), room.top(), room.right(), room.bottom()))
                .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-9 ? 0 : Double.compare(a, b))
                .containsExactly(left, top, right, bottom);
    }

    private static Stroke tap(double x, double y) {
        return new Stroke(Tool.PEN, "#17262D", 4, List.of(new InkPoint(x, y, 0.5, 0)));
    }
}
