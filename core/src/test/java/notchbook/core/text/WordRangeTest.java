package notchbook.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordRangeTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0|false|100 to 150 words",
                "64|false|64, at least 36 more",
                "100|true|100 of 100 to 150",
                "150|true|150 of 100 to 150",
                "170|false|170, 20 too many"
            })
    void saysWhereACountStands(int words, boolean contained, String place) {
        var range = new WordRange(100, 150);
        assertThat(range.contains(words)).isEqualTo(contained);
        assertThat(range.place(words)).isEqualTo(place);
    }
}
