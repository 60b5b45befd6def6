package notchbook.app.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many letters are read on a page as it is, and turned by one, two and three quarters to the right. */
class UpByReadingTest {
    @ParameterizedTest
    @CsvSource({
        "much is read as it is,            '300 0 0 0',    0",
        "much is read upside down,         '0 4 280 0',    2",
        "little is read as it is,          '30 0 12 0',    0",
        "a line is read when it is turned, '4 0 0 35',     3",
        "not clearly more when turned,     '30 0 50 0',    0",
        "nothing is read at all,           '0 0 0 0',      0",
        "a word here and there,            '5 12 8 15',    0",
        "the most of several,              '0 30 40 25',   2",
    })
    void turnsAPageAsItIsReadBest(String why, String letters, int quarters) {
        var read = Arrays.stream(letters.split(" ")).mapToInt(Integer::parseInt).toArray();
        assertThat(UpByReading.quarters(turn -> read[turn])).as(why).isEqualTo(quarters);
    }
}
