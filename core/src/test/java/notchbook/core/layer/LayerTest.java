package notchbook.core.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LayerTest {
    private static final UUID ID = new UUID(0, 1);
    private static final Place CORNER = new Place(10, 10);

    @Test
    void saysWhatItsLabelsAndSpotsSay() {
        var layer = new Layer(
                800,
                1131,
                List.of(
                        spot(1, "Crest"),
                        spot(2, ""),
                        new Thing.Label(new UUID(0, 9), false, lettering("Trough\nof a wave"))));
        assertThat(layer.words()).isEqualTo("Crest\nTrough\nof a wave");
    }

    @Test
    void findsASpotAndNothingElseByItsId() {
        var layer =
                new Layer(800, 1131, List.of(spot(1, ""), new Thing.Label(new UUID(0, 9), false, lettering("Trough"))));
        assertThat(layer.spot(new UUID(7, 1))).map(Thing.Spot::name).contains("Spot 1");
        assertThat(layer.spot(new UUID(0, 9))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"i, 3.4", "o, 6", "W, 9.2", "波, 10.5", "oo, 12"})
    void takesWidthFromItsLetters(String words, double width) {
        assertThat(lettering(words).width()).isEqualTo(width, within(1e-9));
    }

    @Test
    void isAsWideAsItsWidestLineAndAsHighAsAllOfThem() {
        assertThat(lettering("o\nooo\noo")).returns(18.0, Lettering::width).returns(37.5, Lettering::height);
    }

    @Test
    void refusesWhatBelongsOnNoPicture() {
        assertThatThrownBy(() -> new Layer(800, 600, List.of(spot(1, ""), spot(1, "again"))))
                .hasMessageContaining("twice");
        assertThatThrownBy(() -> new Layer(0, 600, List.of())).hasMessageContaining("0 × 600");
        assertThatThrownBy(() -> lettering(" \n ")).hasMessageContaining("1 to 500");
        assertThatThrownBy(() -> lettering("o".repeat(501))).hasMessageContaining("501");
        assertThatThrownBy(() -> spot(1000, "")).hasMessageContaining("1 to 999");
        assertThatThrownBy(() -> new Place(Double.NaN, 0)).hasMessageContaining("on it or near it");
        assertThatThrownBy(() -> new Thing.Box(ID, false, "#A23B2C", CORNER, CORNER))
                .hasMessageContaining("top left");
        assertThatThrownBy(() -> new Thing.Box(ID, false, "url(x)", CORNER, new Place(20, 20)))
                .hasMessageContaining("#RRGGBB");
        assertThatThrownBy(() -> new Layer(
                        800,
                        600,
                        IntStream.range(0, 5_001).mapToObj(LayerTest::numbered).toList()))
                .hasMessageContaining("too much");
    }

    private static Thing numbered(int n) {
        return new Thing.Spot(new UUID(1, n), false, 1, CORNER, "");
    }

    private static Thing spot(int number, String words) {
        return new Thing.Spot(new UUID(7, number), false, number, CORNER, words);
    }

    private static Lettering lettering(String words) {
        return new Lettering(CORNER, 10, "#17262D", words);
    }
}
