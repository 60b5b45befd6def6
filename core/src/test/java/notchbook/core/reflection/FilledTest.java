package notchbook.core.reflection;

import static org.assertj.core.api.Assertions.assertThat;

import notchbook.core.text.WordRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class FilledTest {
    /** The gauge on the screen is held to the same table. */
    @ParameterizedTest
    @CsvFileSource(resources = "filled.tsv", delimiter = '\t', numLinesToSkip = 1)
    void isInItsRangeByWordsTypedAndSpoken(
            int least, int most, int words, double spoken, boolean isByHand, boolean isIn) {
        assertThat(new Filled(words, spoken, isByHand).isIn(new WordRange(least, most)))
                .isEqualTo(isIn);
    }
}
