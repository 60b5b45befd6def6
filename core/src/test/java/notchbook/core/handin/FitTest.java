package notchbook.core.handin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FitTest {
    /** Parts as "bytes/small", the places of those that go out smaller, and what it comes to. */
    @ParameterizedTest
    @CsvSource(
            nullValues = "none",
            value = {
                "100, 40/10 60/5,         none, 100",
                "99,  40/10 60/5,         1,     45",
                "44,  40/10 60/5,         1 0,   15",
                "10,  40/10 60/5,         1 0,   15",
                "50,  40/40 60/60,        none, 100",
                "50,  40/90 60/60,        none, 100",
                "80,  50/0 30/0 20/0,     0,     50",
                "0,   none,               none,   0",
            })
    void takesAsFewAsItNeedsTheLargestSavingFirst(long budget, String parts, String smaller, long bytes) {
        var all = parts == null ? List.<Fit.Part>of() : parts(parts);
        var fit = Fit.into(budget, all);
        assertThat(fit.bytes()).isEqualTo(bytes);
        assertThat(fit.fits(budget)).isEqualTo(bytes <= budget);
        var wanted = smaller == null ? new String[0] : smaller.split(" ");
        assertThat(fit.smaller())
                .containsExactlyInAnyOrderElementsOf(Arrays.stream(wanted)
                        .map(place -> all.get(Integer.parseInt(place)).id())
                        .toList());
    }

    @Test
    void comesToTheSameWhicheverOfTwoAlikeIsFirst() {
        var parts = parts("40/10 40/10");
        assertThat(Fit.into(50, parts).bytes())
                .isEqualTo(Fit.into(50, parts.reversed()).bytes());
    }

    private static List<Fit.Part> parts(String parts) {
        var split = parts.split(" ");
        return IntStream.range(0, split.length)
                .mapToObj(i -> {
                    var sizes = split[i].split("/");
                    return new Fit.Part(
                            UUID.randomUUID(), "Part " + i, Long.parseLong(sizes[0]), Long.parseLong(sizes[1]));
                })
                .toList();
    }
}
