package notchbook.core.text;

import static notchbook.core.text.Texts.text;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnWordsTest {
    private static final Document SOURCE = text(
            "An echo is a reflection of sound that arrives at the listener with a delay.",
            "The delay is proportional to the distance of the reflecting surface.");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Sound comes back late from far walls. | | 0",
                "An echo is a reflection of sound, late. | An echo is a reflection of sound | 0.75",
                "AN ECHO – is a reflection! | AN ECHO – is a reflection | 1",
                "It arrives at the listener late. | | 0",
                "“An echo is a reflection of sound” is how the book has it. | | 0",
                "\"An echo is a reflection of sound\", it says. | | 0",
                "with a delay. The delay is proportional | | 0",
                "'' | | 0",
            })
    void findsTheLongestRunAndTheCopiedShare(String own, String run, double share) {
        var measured = OwnWords.measure(text(own), List.of(SOURCE));
        assertThat(measured.longest().map(OwnWords.Run::text).orElse(null)).isEqualTo(run);
        assertThat(measured.copiedShare()).isCloseTo(share, within(1e-9));
    }

    @Test
    void takesTheLongestOfSeveralLinesAndSources() {
        var own = text(
                "the delay is proportional to it", "an echo is a reflection of sound", "of the reflecting surface");
        assertThat(OwnWords.measure(own, List.of(text("nothing shared"), SOURCE))
                        .longest())
                .contains(new OwnWords.Run(7, "an echo is a reflection of sound"));
    }

    @Test
    void leavesOutQuotations() {
        assertThat(OwnWords.measure(text("> An echo is a reflection of sound"), List.of(SOURCE)))
                .isEqualTo(new OwnWords(Optional.empty(), 0));
    }

    @Test
    void findsRunsThatASimplerIndexWouldMiss() {
        // The run begins in the middle of a repetition: what was read so far has to be cut at the right place.
        var source = text("a b a b a c d e f g");
        assertThat(OwnWords.measure(text("x a b a c d e f y"), List.of(source)).longest())
                .contains(new OwnWords.Run(7, "a b a c d e f"));
    }

    @Test
    void findsTheSameRunAsLookingEverywhere() {
        var random = new Random(4);
        for (var round = 0; round < 200; round++) {
            var source = words(random, 40);
            var own = words(random, 25);
            var runs = new WordRuns();
            runs.add(source);
            assertThat(runs.longestIn(own).length()).isEqualTo(longestByHand(source, own));
        }
    }

    private static List<String> words(Random random, int count) {
        return random.ints(count, 0, 3)
                .mapToObj(letter -> "abc".substring(letter, letter + 1))
                .toList();
    }

    private static int longestByHand(List<String> source, List<String> own) {
        var longest = 0;
        for (var i = 0; i < source.size(); i++) {
            for (var j = 0; j < own.size(); j++) {
                var length = 0;
                while (i + length < source.size()
                        && j + length < own.size()
                        && source.get(i + length).equals(own.get(j + length))) {
                    length++;
                }
                longest = Math.max(longest, length);
            }
        }
        return longest;
    }
}
