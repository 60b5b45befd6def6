package notchbook.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MinutesTest {
    @ParameterizedTest
    @CsvSource({"0, 0:00", "5, 0:05", "185, 3:05", "3599, 59:59", "3600, 1:00:00", "3785, 1:03:05"})
    void areWrittenAsPeopleWriteThem(long seconds, String words) {
        assertThat(Minutes.of(seconds)).isEqualTo(words);
    }
}
