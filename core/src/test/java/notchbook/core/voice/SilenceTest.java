package notchbook.core.voice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SilenceTest {
    private static final int SPEECH = 9_000;

    /** Levels and for how many windows of 20 ms each lasts; what is skipped, as from–to in ms. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "9000x100 | ''", // speech all through
                "9000x50 40x100 9000x50 | 1200-2800", // a rest of two seconds, less a little at both ends
                "9000x50 40x39 9000x50 | ''", // 780 ms: a rest between sentences
                "9000x50 40x40 9000x50 | 1200-1600", // 800 ms
                "9000x50 40x50 5000x2 40x50 9000x50 | 1200-2840", // a click does not end it
                "9000x50 40x50 5000x3 40x50 9000x50 | 1200-1800 2260-2860", // a short word does
                "40x100 9000x50 | 200-1800", // before the first word
                "9000x50 40x100 | 1200-2800", // after the last
                "9000x50 700x100 9000x50 | 1200-2800", // a loud room is a room
                "9000x50 1000x100 9000x50 | ''", // within 20 dB of the speech: low speech
                "0x100 | 200-1800" // nothing at all
            })
    void findsWhereNothingIsSaid(String levels, String expected) {
        var found = Silence.of(Loudness.of(levels(levels))).stream()
                .map(silence -> silence.fromMillis() + "-" + silence.toMillis())
                .toList();
        assertThat(String.join(" ", found)).isEqualTo(expected);
    }

    @Test
    void findsNoneInNoSound() {
        assertThat(Silence.of(Loudness.of())).isEmpty();
    }

    @Test
    void leavesEveryWordOfASpeechWithRests() {
        var levels = IntStream.range(0, 3_000)
                .map(window -> window / 60 % 2 == 0 ? SPEECH : 30)
                .toArray();
        for (var silence : Silence.of(Loudness.of(levels))) {
            var skipped = Arrays.copyOfRange(levels, (int) silence.fromMillis() / 20, (int) silence.toMillis() / 20);
            assertThat(skipped).doesNotContain(SPEECH);
        }
    }

    private static int[] levels(String written) {
        return List.of(written.split(" ")).stream()
                .map(part -> part.split("x"))
                .flatMapToInt(part ->
                        IntStream.generate(() -> Integer.parseInt(part[0])).limit(Integer.parseInt(part[1])))
                .toArray();
    }
}
