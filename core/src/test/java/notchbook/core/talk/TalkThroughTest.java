package notchbook.core.talk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import notchbook.core.voice.Stretch;
import notchbook.core.voice.Take;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TalkThroughTest {
    private static final int WHOLE = Integer.MAX_VALUE;

    /** Ten seconds, a pause of a minute, five seconds, from 100,000 ms on. */
    private static final Take TAKE =
            Take.recorded(List.of(), List.of(new Stretch(100_000, 10_000), new Stretch(170_000, 5_000)));

    private static final TalkThrough TALK = TalkThrough.of(
            TAKE,
            List.of(
                    drawn(90_000, 800), // before it ran
                    new TalkThrough.Drawn(OptionalLong.empty(), 500), // nobody knows when
                    drawn(101_000, 400),
                    drawn(101_600, 300), // the next stroke of the same letter
                    drawn(140_000, 1_000), // in the pause
                    drawn(172_000, 2_000),
                    drawn(200_000, 100))); // when it was over

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0     | all all -    -    -    -    -
            1000  | all all 0    -    -    -    -
            1399  | all all 399  -    -    -    -
            1400  | all all all  -    -    -    -
            1700  | all all all  100  -    -    -
            9999  | all all all  all  -    -    -
            10000 | all all all  all  0    -    -
            12500 | all all all  all  all  500  -
            15000 | all all all  all  all  all  -
            """)
    void drawsEachThingAsItWasDrawnWhileItWasSaid(long at, String shown) {
        var expected = List.of(shown.trim().split(" +")).stream()
                .mapToInt(one -> one.equals("all") ? WHOLE : one.equals("-") ? -1 : Integer.parseInt(one))
                .toArray();
        assertThat(TALK.shownAt(at)).containsExactly(expected);
    }

    @ParameterizedTest
    @CsvSource({"0,1000", "999,1000", "1000,10000", "1600,10000", "10000,12000", "12000,-1"})
    void stepsOnToWhatIsBegunNext(long at, long next) {
        assertThat(TALK.stepAfter(at).orElse(-1)).isEqualTo(next);
    }

    @ParameterizedTest
    @CsvSource({"0,0", "1000,0", "2001,1000", "10500,1000", "11001,10000", "12900,10000", "15000,12000"})
    void stepsBackToWhatWasBegunBefore(long at, long before) {
        assertThat(TALK.stepBefore(at)).isEqualTo(before);
    }

    @Test
    void stepsThroughWhatWasDrawnWithoutARestToo() {
        var drawn = LongStream.rangeClosed(0, 20)
                .mapToObj(i -> drawn(100_000 + 400 * i, 300))
                .toList();
        assertThat(TalkThrough.of(TAKE, drawn).steps())
                .containsExactly(0, 800, 1_600, 2_400, 3_200, 4_000, 4_800, 5_600, 6_400, 7_200, 8_000);
    }

    @Test
    void isNoneWhenNothingWasDrawnMeanwhile() {
        assertThat(TALK.isDrawn()).isTrue();
        assertThat(TalkThrough.of(TAKE, List.of(drawn(90_000, 1), drawn(200_000, 1)))
                        .isDrawn())
                .isFalse();
        assertThat(TalkThrough.of(Take.recorded(List.of(), List.of()), List.of(drawn(100_500, 1)))
                        .isDrawn())
                .isFalse();
    }

    private static TalkThrough.Drawn drawn(long madeAt, long lasting) {
        return new TalkThrough.Drawn(OptionalLong.of(madeAt), lasting);
    }
}
