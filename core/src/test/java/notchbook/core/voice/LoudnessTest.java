package notchbook.core.voice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LoudnessTest {
    private static final int RATE = 8_000;
    private static final int WINDOW = RATE / 50;

    @Test
    void takesTheGreatestSwingOfEachWindow() {
        var samples = new short[2 * WINDOW + 1];
        samples[3] = -900;
        samples[WINDOW] = 40;
        samples[2 * WINDOW] = Short.MIN_VALUE;
        var gathering = new Loudness.Gathering(RATE);
        for (var sample : samples) {
            gathering.add(sample);
        }
        var loudness = gathering.loudness();
        assertThat(loudness.windows()).isEqualTo(3);
        assertThat(List.of(loudness.level(0), loudness.level(1), loudness.level(2)))
                .containsExactly(900, 40, 32_768);
    }

    @ParameterizedTest
    @CsvSource({"1,100", "2,'50,100'", "4,'10,50,0,100'", "9,'10,50,0,100'"})
    void drawsPeaksInEqualSteps(int bars, String peaks) {
        assertThat(Loudness.of(100, 500, 0, 1_000).peaks(bars))
                .containsExactlyElementsOf(
                        List.of(peaks.split(",")).stream().map(Integer::valueOf).toList());
    }

    @Test
    void hasNoPeaksWithoutASound() {
        assertThat(Loudness.of().peaks(10)).isEmpty();
        assertThat(Loudness.of(0, 0).peaks(10)).containsExactly(0, 0);
    }

    @ParameterizedTest
    @CsvSource({
        "0,SILENT", // a microphone that was off
        "64,SILENT", // its hiss
        "65,TOO_QUIET",
        "649,TOO_QUIET", // from the other end of the room
        "650,CLEAR",
        "20000,CLEAR"
    })
    void saysWhetherItCanBeHeard(int level, Audibility audibility) {
        assertThat(Audibility.of(Loudness.of(level, level, level))).isEqualTo(audibility);
    }

    @Test
    void hearsSpeechBetweenLongRests() {
        var levels = new int[100];
        for (var window = 0; window < 6; window++) {
            levels[10 * window] = 8_000;
        }
        assertThat(Audibility.of(Loudness.of(levels))).isEqualTo(Audibility.CLEAR);
    }
}
