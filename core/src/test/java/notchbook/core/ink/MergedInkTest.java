package notchbook.core.ink;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

class MergedInkTest {
    @Test
    void holdsWhatEitherDrewAndNothingThatEitherRubbedOut() {
        assertThat(MergedInk.of(drawing(1, 2, 3), drawing(1, 3, 4), drawing(2, 3, 5)))
                .isEqualTo(drawing(3, 5, 4));
    }

    @Test
    void holdsOnceWhatBothHave() {
        assertThat(MergedInk.of(drawing(), drawing(1, 2), drawing(1))).isEqualTo(drawing(1, 2));
    }

    private static Drawing drawing(int... places) {
        return new Drawing(
                640, 360, Arrays.stream(places).mapToObj(MergedInkTest::stroke).toList());
    }

    private static Stroke stroke(int place) {
        var point = new InkPoint(place, place, 0.5, 0);
        return new Stroke(Stroke.Tool.PEN, "#17262D", 4, java.util.List.of(point));
    }
}
