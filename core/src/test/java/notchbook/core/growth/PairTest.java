package notchbook.core.growth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PairTest {
    @ParameterizedTest
    @CsvSource({
        "2, 0-1, 0-1",
        "4, 0-3, 0-1",
        "4, 0-1, 1-2",
        "4, 2-3, 0-3",
        "4, 1-3, 0-3",
        "5, 0-2, 2-3",
    })
    void comesInARound(int count, String pair, String next) {
        assertThat(pair(pair).next(count)).isEqualTo(pair(next));
    }

    @ParameterizedTest
    @CsvSource({"2, 0-1, 0-1", "4, 0-3, 2-3", "4, 1-2, 0-1", "4, 0-1, 0-3", "5, 1-3, 0-1"})
    void goesBackTheSameWay(int count, String pair, String before) {
        assertThat(pair(pair).before(count)).isEqualTo(pair(before));
    }

    @ParameterizedTest
    @CsvSource({"1, 1", "2, 1", "-1, 0"})
    void isAnEarlierPieceAndALaterOne(int earlier, int later) {
        assertThatThrownBy(() -> new Pair(earlier, later)).isInstanceOf(IllegalArgumentException.class);
    }

    private static Pair pair(String both) {
        var sides = both.split("-");
        return new Pair(Integer.parseInt(sides[0]), Integer.parseInt(sides[1]));
    }
}
