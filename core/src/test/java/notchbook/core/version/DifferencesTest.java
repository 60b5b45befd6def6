package notchbook.core.version;

import static java.util.stream.Collectors.joining;
import static notchbook.core.version.Versions.entry;
import static notchbook.core.version.Versions.holding;
import static notchbook.core.version.Versions.id;
import static notchbook.core.version.Versions.ink;
import static notchbook.core.version.Versions.laidOut;
import static notchbook.core.version.Versions.pictures;
import static notchbook.core.version.Versions.text;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import notchbook.core.layer.Layer;
import notchbook.core.layer.Thing;
import notchbook.core.version.EntryChange.Kind;
import notchbook.core.version.Version.Entry;
import notchbook.core.version.Version.Matter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DifferencesTest {
    /** Pages lie between commas; what is expected is +added, -taken out, and moved entries by their letters. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "abc ! abc ! ''",
                "abc ! abcd ! +d",
                "abc ! ac ! -b",
                "abc ! bca ! a",
                "abcde ! aecbd ! c e",
                "abc ! c,ab ! a b",
                "ab|c ! a|bc ! b",
                "abc ! adb ! +d -c",
                "ab,cd ! ab,dc ! d",
                "abcdef ! fabcde ! f",
                "a ! b ! +b -a"
            })
    void tellsWhatCameWentAndMoved(String before, String after, String expected) {
        var changes = Differences.between(laidOut(before.split(",")), laidOut(after.split(",")));
        var told = changes.entries().stream()
                .filter(EntryChange::isAnything)
                .map(DifferencesTest::sign)
                .sorted()
                .collect(joining(" "));
        assertThat(told).isEqualTo(expected);
        assertThat(changes.movedPages()).isEmpty();
    }

    private static String sign(EntryChange change) {
        var letter = "" + (char) change.entry().getLeastSignificantBits();
        return switch (change.kind()) {
            case ADDED -> "+" + letter;
            case TAKEN_OUT -> "-" + letter;
            case CHANGED -> "~" + letter;
            case SAME -> letter;
        };
    }

    @Test
    void countsAPageThatMovedOnceAndNotItsEntries() {
        var before = new Version(List.of(Versions.page('1', "ab"), Versions.page('2', "cd"), Versions.page('3', "e")));
        var after = new Version(List.of(Versions.page('3', "e"), Versions.page('1', "ab"), Versions.page('2', "cd")));
        var changes = Differences.between(before, after);
        assertThat(changes.movedPages()).isEqualTo(Set.of(id('3')));
        assertThat(changes.count()).isOne();
    }

    @Test
    void marksTheWordsOfAText() {
        var change = changed(text("An echo comes back.", "680 m."), text("An echo comes back, twice.", "48 m."));
        assertThat(change).isInstanceOfSatisfying(EntryChange.Words.class, words -> {
            assertThat(words.change().gone())
                    .extracting(span -> span.of("An echo comes back.\n680 m."))
                    .contains("680");
            assertThat(words.change().come())
                    .extracting(span -> span.of("An echo comes back, twice.\n48 m."))
                    .contains("48");
            assertThat(words.change().newWords()).isEqualTo(2);
            assertThat(words.change().goneWords()).isOne();
        });
    }

    @Test
    void namesTheStrokesThatCameAndWent() {
        assertThat(changed(ink(10, 20, 30), ink(10, 30, 40, 50)))
                .isEqualTo(new EntryChange.Strokes(List.of(1), List.of(2, 3)));
    }

    @Test
    void namesThePicturesThatCameAndWent() {
        assertThat(changed(pictures("a", "b"), pictures("b", "c")))
                .isEqualTo(new EntryChange.Pictures(List.of(0), List.of(1), List.of()));
    }

    @Test
    void seesWhatWasWrittenOnAPictureThatStayed() {
        var spot = new Thing.Spot(id('s'), false, 1, new notchbook.core.layer.Place(5, 5), "The wall");
        var written = new Version.Pictures(
                List.of(new Version.Picture("a", Optional.of(new Layer(100, 100, List.of(spot))))));
        assertThat(changed(pictures("a"), written))
                .isEqualTo(new EntryChange.Pictures(List.of(), List.of(), List.of(0)));
    }

    @Test
    void tellsAnotherSoundFromOtherWordsInTheSame() {
        assertThat(changed(new Version.Other("x", "one"), new Version.Other("y", "one")))
                .isEqualTo(new EntryChange.Replaced());
        assertThat(changed(new Version.Other("x", "one"), new Version.Other("x", "one two")))
                .isInstanceOf(EntryChange.Words.class);
    }

    @Test
    void countsAnotherCaptionAsAChange() {
        var before = new Entry(id('e'), "", "Where it goes", text("same"));
        var change = Differences.of(before, new Entry(id('e'), "", "Where the sound goes", text("same")));
        assertThat(change.kind()).isEqualTo(Kind.CHANGED);
        assertThat(change.isCaptionChanged()).isTrue();
    }

    private static EntryChange.Detail changed(Matter before, Matter after) {
        return Differences.between(holding(entry(before)), holding(entry(after)))
                .entries()
                .getFirst()
                .detail();
    }
}
