package notchbook.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WordsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "''|0", "'  \n '|0", "'An echo is a reflected sound.'|6", "don't stop|2", "3.5 m/s|3",
                        "340 m/s, about|4",
                "— … !|0", "well-known|2", "наука о звуке|3", "الصوت موجة|2", "naïve café|2", "👩‍🔬 works|1"
            })
    void countsByUnicodeWordBoundaries(String text, int words) {
        assertThat(Words.count(text)).isEqualTo(words);
    }
}
