package notchbook.core.remark;

import static notchbook.core.version.Versions.entry;
import static notchbook.core.version.Versions.holding;
import static notchbook.core.version.Versions.id;
import static notchbook.core.version.Versions.ink;
import static notchbook.core.version.Versions.pictures;
import static notchbook.core.version.Versions.text;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.UUID;
import notchbook.core.remark.Anchor.OnEntry;
import notchbook.core.remark.Anchor.OnMoment;
import notchbook.core.remark.Anchor.OnSpot;
import notchbook.core.remark.Anchor.OnWords;
import notchbook.core.remark.Anchor.Whole;
import notchbook.core.remark.Carried.Gone;
import notchbook.core.remark.Carried.Here;
import notchbook.core.version.Span;
import notchbook.core.version.Version;
import notchbook.core.version.Version.Matter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CarriedTest {
    private static final UUID E = id('e');

    /** The words that are remarked on stand in square brackets; so does what is left of them. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "We timed [one clap] here. ! We timed one clap here. ! one clap ! false",
                "We timed [one clap] here. ! Then we timed one clap here. ! one clap ! false",
                "We timed [one clap] here. ! We timed one loud clap here. ! one loud clap ! true",
                "We timed [one clap] here. ! We timed twenty clap here. ! clap ! true",
                "We timed [one clap] here. ! We timed twenty here. ! GONE ! true",
                "The echo [returns late]. ! An echo returns late. ! returns late ! false"
            })
    void goesWithItsWords(String before, String after, String left, boolean isTouched) {
        var from = before.indexOf('[');
        var to = before.indexOf(']') - 1;
        var plain = before.replaceAll("[\\[\\]]", "");
        var anchor = new OnWords(E, new Span(from, to), plain.substring(from, to));
        var carried = carried(anchor, text(plain), text(after));
        assertThat(carried.isTouched()).isEqualTo(isTouched);
        assertThat(carried instanceof Here here && here.anchor() instanceof OnWords words ? words.quote() : "GONE")
                .isEqualTo(left);
    }

    @Test
    void goesWithItsPictureThroughTheSet() {
        var spot = new OnSpot(E, 0, 0.25, 0.5);
        assertThat(carried(spot, pictures("a", "b"), pictures("b", "a")))
                .isEqualTo(new Here(new OnSpot(E, 1, 0.25, 0.5), false));
        assertThat(carried(spot, pictures("a", "b"), pictures("b"))).isEqualTo(new Gone(Optional.of(new OnEntry(E))));
    }

    @Test
    void staysOnADrawingThatWentOn() {
        var spot = new OnSpot(E, 0, 0.25, 0.5);
        assertThat(carried(spot, ink(10), ink(10, 20))).isEqualTo(new Here(spot, true));
        assertThat(carried(spot, ink(10), ink(10))).isEqualTo(new Here(spot, false));
    }

    @Test
    void losesItsMomentWithTheSound() {
        var moment = new OnMoment(E, 72_000);
        assertThat(carried(moment, new Version.Other("x", ""), new Version.Other("x", "")))
                .isEqualTo(new Here(moment, false));
        assertThat(carried(moment, new Version.Other("x", ""), new Version.Other("y", "")))
                .isEqualTo(new Gone(Optional.of(new OnEntry(E))));
    }

    @Test
    void isGoneWithItsEntry() {
        assertThat(Carried.of(new OnEntry(E), holding(entry(text("a"))), holding()))
                .isEqualTo(new Gone(Optional.empty()));
    }

    @Test
    void staysUntouchedWhereNothingWasDone() {
        assertThat(carried(new OnEntry(E), text("a"), text("a")).isTouched()).isFalse();
        assertThat(carried(new OnEntry(E), text("a"), text("b")).isTouched()).isTrue();
        assertThat(carried(new Whole(), text("a"), text("b")).isTouched()).isTrue();
    }

    @Test
    void standsOnSomething() {
        assertThatThrownBy(() -> new OnSpot(E, 0, 1.2, 0)).hasMessage("A spot lies on its picture.");
        assertThatThrownBy(() -> new OnWords(E, new Span(3, 3), "")).hasMessage("Choose the words first.");
        assertThatThrownBy(() -> new OnMoment(E, -1)).hasMessageContaining("moment");
        assertThatThrownBy(() -> new Span(4, 2)).hasMessageContaining("goes forward");
    }

    private static Carried carried(Anchor anchor, Matter before, Matter after) {
        return Carried.of(anchor, holding(entry(before)), holding(entry(after)));
    }
}
