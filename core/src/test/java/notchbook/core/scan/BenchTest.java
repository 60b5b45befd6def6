package notchbook.core.scan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import notchbook.core.scan.PhotoOrder.Known;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** docs/rules.md, Order of photos: near-duplicates are found and left out, never deleted. */
class BenchTest {
    /** Each photo: the page that it shows, its quality, and “out” or “in” where the student said so. */
    @ParameterizedTest
    @CsvSource({
        "no page is there twice,               'a .5; b .5; c .5',           0 1 2, ''",
        "the better of two stays,              'a .3; b .5; a .6',           1 2,   0>2",
        "of equals the first stays,            'a .5; a .5; a .5',           0,     1>0 2>0",
        "the student takes the worse one in,   'a .3 in; a .6',              0,     1>0",
        "the student keeps both,               'a .3 in; a .6 in',           0 1,   ''",
        "the best is left out by the student,  'a .9 out; a .3; a .6',       2,     1>2",
        "all of one page are left out,         'a .9 out; a .3 out; b .1',   2,     ''",
        "a page by itself is left out,         'a .9 out; b .2',             1,     ''",
    })
    void leavesOutWhatIsThereTwiceUnlessTheStudentSaysOtherwise(
            String why, String photos, String kept, String againOf) {
        var shots = shots(photos);
        var bench = Bench.of(shots);
        assertThat(bench.kept()).as(why).containsExactlyElementsOf(ids(shots, kept));
        assertThat(bench.leftOut()).hasSize(shots.size() - bench.kept().size());
        assertThat(bench.order()).hasSize(shots.size());
        assertThat(bench.againOf()).as(why).hasSize(againOf.isEmpty() ? 0 : againOf.split(" ").length);
        for (var pair : againOf.isEmpty() ? new String[0] : againOf.split(" ")) {
            var two = ids(shots, pair.replace('>', ' '));
            assertThat(bench.againOf()).as(why).containsEntry(two.get(0), two.get(1));
        }
    }

    /** Two photos that look alike: the words read on each, and what becomes of the second. */
    @ParameterizedTest
    @CsvSource({
        "the same words,                        1-40,  1-40,        left out",
        "read a little worse,                   1-40,  1-36,        left out",
        "two words read wrongly,                1-40,  3-40 91-92,  left out",
        "half of the questions are others,      1-40,  1-28 60-71,  asked",
        "the heading alone is the same,         1-40,  1-9 60-90,   kept",
        "too few words tell nothing,            1-5,   60-70,       left out",
        "nothing can be read,                   0-0,   0-0,         left out",
    })
    void asksWhereTwoPagesLookAlikeAndSayNotQuiteTheSame(String why, String first, String second, String fate) {
        var better = shot(0, first, 0.6, Optional.empty());
        var other = shot(1, second, 0.5, Optional.empty());
        var bench = Bench.of(List.of(better, other));
        assertThat(bench.leftOut()).as(why).hasSize(fate.equals("left out") ? 1 : 0);
        assertThat(bench.maybeOf()).as(why).hasSize(fate.equals("asked") ? 1 : 0);
        assertThat(Bench.of(List.of(better, shot(1, second, 0.5, Optional.of(false))))
                        .maybeOf())
                .as("asked once")
                .isEmpty();
    }

    /** The same page of handwriting, as it was read on two photos of it; and two sheets of sums. */
    @ParameterizedTest
    @CsvSource({
        "'ripple tank wednesday water 4mm at the low end motor on slow on fast they bend the same way',"
                + "'ripple wednesday 4mm at the low end on slow rronts on fost they bend tho same way', SAME",
        "'work out each product and show how 3 4 7 8 12 5 6 9', 'work out each product and show how 3 9 2 6 11 8 4 15', UNSURE",
        "'work out each product and show how 3 4 7 8 12 5 6 9', 'work out each product and show how 3 4 7 8 12 5 6', SAME",
    })
    void tellsMisreadingsFromOtherQuestions(String one, String other, Wording wording) {
        assertThat(Wording.of(one, other)).isEqualTo(wording);
    }

    private static Bench.Shot shot(int place, String words, double quality, Optional<Boolean> wish) {
        var known =
                new Known(new UUID(0, place), Optional.empty(), "image.jpg", OptionalInt.empty(), OptionalInt.empty());
        return new Bench.Shot(known, new UUID(1, 1), numbered(words), quality, wish);
    }

    /** A word for each number of these ranges; none for 0. */
    private static String numbered(String ranges) {
        return Arrays.stream(ranges.split(" "))
                .map(range -> range.split("-"))
                .flatMap(range -> IntStream.rangeClosed(Integer.parseInt(range[0]), Integer.parseInt(range[1]))
                        .filter(number -> number > 0)
                        .mapToObj(number -> "word" + number))
                .collect(Collectors.joining(" "));
    }

    private static List<UUID> ids(List<Bench.Shot> shots, String places) {
        return Arrays.stream(places.split(" "))
                .map(place -> shots.get(Integer.parseInt(place)).known().id())
                .toList();
    }

    private static List<Bench.Shot> shots(String photos) {
        var written = photos.split("; ");
        return IntStream.range(0, written.length)
                .mapToObj(i -> {
                    var parts = written[i].split(" ");
                    var known = new Known(
                            new UUID(0, i), Optional.empty(), "image.jpg", OptionalInt.empty(), OptionalInt.empty());
                    var wish = parts.length < 3 ? Optional.<Boolean>empty() : Optional.of(parts[2].equals("out"));
                    return new Bench.Shot(
                            known, UUID.nameUUIDFromBytes(parts[0].getBytes()), "", Double.parseDouble(parts[1]), wish);
                })
                .toList();
    }
}
