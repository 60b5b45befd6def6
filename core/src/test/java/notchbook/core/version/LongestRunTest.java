package notchbook.core.version;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LongestRunTest {
    /** Against every choice of numbers that there is. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 5, 9, 12})
    void isAsLongAsAnyRisingChoice(int size) {
        var random = new Random(size);
        for (var round = 0; round < 20; round++) {
            var numbers = new ArrayList<>(IntStream.range(0, size).boxed().toList());
            Collections.shuffle(numbers, random);
            var run = LongestRun.of(numbers).stream().map(numbers::get).toList();
            assertThat(run).isSorted().hasSize(longest(numbers));
        }
    }

    private static int longest(List<Integer> numbers) {
        return IntStream.range(0, 1 << numbers.size())
                .filter(choice -> isRising(numbers, choice))
                .map(Integer::bitCount)
                .max()
                .orElse(0);
    }

    private static boolean isRising(List<Integer> numbers, int choice) {
        var last = -1;
        for (var i = 0; i < numbers.size(); i++) {
            if ((choice >> i & 1) == 1) {
                if (numbers.get(i) < last) {
                    return false;
                }
                last = numbers.get(i);
            }
        }
        return true;
    }
}
