package notchbook.core.scan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class QuadTest {
    @Test
    void goesRoundWithoutCrossingItself() {
        assertThat(quad(0.1, 0.1, 0.9, 0.2, 0.8, 0.9, 0.2, 0.8).corners()).hasSize(4);
        assertThatThrownBy(() -> quad(0.1, 0.1, 0.8, 0.9, 0.9, 0.2, 0.2, 0.8)).hasMessageContaining("changed places");
        assertThatThrownBy(() -> quad(0.1, 0.1, 0.9, 0.1, 0.3, 0.3, 0.1, 0.9)).hasMessageContaining("go round");
        assertThatThrownBy(() -> new Corner(1.5, 0)).hasMessageContaining("on the photo");
    }

    @Test
    void measuresAFlatPageByItsSides() {
        assertThat(Proportion.of(quad(0.2, 0.1, 0.6, 0.1, 0.6, 0.9, 0.2, 0.9), 2_000, 1_000))
                .isEqualTo(1.0, within(1e-6));
    }

    /** A page of A4 seen by a camera of focal length 1, tilted back by 30 degrees: worked out by hand from the projection. */
    @Test
    void measuresATiltedPageByTheWayItsSidesRunTogether() {
        assertThat(Proportion.of(quad(0.2562, 0.2014, 0.7438, 0.2014, 0.8722, 0.9558, 0.1278, 0.9558), 1_000, 1_000))
                .isEqualTo(1 / Math.sqrt(2), within(0.02));
    }

    @ParameterizedTest
    @CsvSource({"1.414, A_SERIES", "0.70, A_SERIES", "1.30, LETTER", "1.21, NOTEBOOK", "1.0, ", "1.6, "})
    void knowsTheShapesThatPaperComesIn(double measured, PageShape shape) {
        assertThat(PageShape.near(measured).orElse(null)).isEqualTo(shape);
    }

    private static Quad quad(double... xy) {
        return new Quad(
                new Corner(xy[0], xy[1]), new Corner(xy[2], xy[3]), new Corner(xy[4], xy[5]), new Corner(xy[6], xy[7]));
    }
}
