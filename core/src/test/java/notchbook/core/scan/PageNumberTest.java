package notchbook.core.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.OptionalInt;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PageNumberTest {
    @ParameterizedTest
    @CsvSource({
        "'Waves carry energy.|12',                12",
        "'7|Waves carry energy.',                 7",
        "'Waves|- 3 -',                           3",
        "'Waves|Page 4',                          4",
        "'Waves|page 4 of 9',                     4",
        "'Waves|4/9',                             4",
        "'Physics handout, sheet 2|Waves',        2",
        "'Physics handout, page 2 of 5|Waves|',   2",
        // The last line comes first: a heading may well be a number.
        "'3|Waves|14',                            14",
        "'Waves carry energy.|The answer is 12',  -1",
        "'In 1820 he measured 343 m/s',           -1",
        "'12|34 m and 56 m',                      12",
        "'2026',                                  -1",
        "'0',                                     -1",
        "'',                                      -1",
    })
    void readsTheNumberThatStandsForThePage(String lines, int number) {
        assertThat(PageNumber.in(lines.replace('|', '\n')))
                .isEqualTo(number < 0 ? OptionalInt.empty() : OptionalInt.of(number));
    }
}
