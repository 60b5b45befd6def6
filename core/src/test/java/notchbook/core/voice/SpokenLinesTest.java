package notchbook.core.voice;

import static java.util.stream.Collectors.joining;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpokenLinesTest {
    private static final long LENGTH = 60_000;

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                                | 2000  | 2000-8000          | the last one stays six seconds
            2000-8000           | 5000  | 2000-5000 5000-11000 | the one that was said ends
            2000-5000 5000-9000 | 3000  | 2000-3000 3000-5000 5000-9000 | until the next begins
            2000-4000           | 10000 | 2000-4000 10000-16000 | a rest stays a rest
            2000-4000           | 58000 | 2000-4000 58000-60000 | not beyond the end
                                | 59900 | 59900-60200        | but so long that it can be read
            2000-8000           | 2000  | 2000-8000 2000-8000 | two voices at once
            """)
    void tapsALineInBetweenTheOthers(String before, long at, String after) {
        assertThat(text(lines(before).tapped(at, "new", LENGTH))).isEqualTo(after);
    }

    @ParameterizedTest
    @CsvSource({"1999,''", "2000,a", "4999,a", "5000,''", "6000,b", "6500,b c", "8000,c"})
    void showsWhatIsSaidAtAMoment(long at, String words) {
        var said = new SpokenLines(List.of(
                new SpokenLine(6_000, 8_000, "b"),
                new SpokenLine(2_000, 5_000, "a"),
                new SpokenLine(6_500, 9_000, "c")));
        assertThat(said.at(at).stream().map(SpokenLine::words).collect(joining(" ")))
                .isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            10000 | 20000 | 10000 | 0     | true
            10000 | 20000 | 9999  | 0     | false
            10000 | 20000 | 20000 | 10000 | true
            10000 | 20000 | 20001 | 10000 | false
            10000 | 20000 | 12500 | 2500  | true
            """)
    void leavesMomentsWhereTheyAreWhenItIsTrimmed(long from, long to, long moment, long inCopy, boolean isHeard) {
        var trim = new Trim(from, to);
        assertThat(trim.holds(moment)).isEqualTo(isHeard);
        assertThat(trim.inCopy(moment)).isEqualTo(inCopy);
        assertThat(trim.nearest(moment)).isEqualTo(from + inCopy);
    }

    @Test
    void givesATrimmedCopyTheLinesOfWhichSomethingIsHeard() {
        var lines = lines("2000-10000 9000-11000 12000-13000 19000-30000 20000-21000");
        assertThat(text(new Trim(10_000, 20_000).inCopy(lines))).isEqualTo("0-1000 2000-3000 9000-10000");
    }

    @Test
    void refusesALineWithoutWordsOrTimeAndATrimThatLeavesNothing() {
        assertThatIllegalArgumentException().isThrownBy(() -> new SpokenLine(0, 10, " "));
        assertThatIllegalArgumentException().isThrownBy(() -> new SpokenLine(10, 9, "x"));
        assertThatIllegalArgumentException().isThrownBy(() -> new Trim(1_000, 1_499));
    }

    private static SpokenLines lines(String times) {
        return new SpokenLines(
                times == null
                        ? List.of()
                        : Stream.of(times.split(" "))
                                .map(one -> one.split("-"))
                                .map(one -> new SpokenLine(Long.parseLong(one[0]), Long.parseLong(one[1]), "x"))
                                .toList());
    }

    private static String text(SpokenLines lines) {
        return lines.all().stream()
                .map(line -> line.fromMillis() + "-" + line.toMillis())
                .collect(joining(" "));
    }
}
