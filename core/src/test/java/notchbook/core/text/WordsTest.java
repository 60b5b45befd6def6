package notchbook.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class WordsTest {
    /** Counts and texts that the front end's own count is held against too. */
    static Stream<Arguments> counted() throws IOException {
        try (var file = WordsTest.class.getResourceAsStream("words.tsv")) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .map(line -> line.split("\t", 2))
                    .map(parts -> Arguments.of(Integer.valueOf(parts[0]), parts[1]));
        }
    }

    @ParameterizedTest
    @MethodSource("counted")
    void countsByUnicodeWordBoundariesInEveryScript(int words, String text) {
        assertThat(Words.count(text)).isEqualTo(words);
    }
}
