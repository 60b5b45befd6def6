package notchbook.core.voice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import java.util.OptionalLong;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TimedNotesTest {
    /** Ten seconds, a pause of a minute, five seconds, from 100,000 ms on. */
    private static final Take TAKE =
            Take.recorded(List.of(), List.of(new Stretch(100_000, 10_000), new Stretch(170_000, 5_000)));

    @ParameterizedTest
    @CsvSource({
        "99999,", // before it ran
        "100000,0",
        "104200,4200",
        "110000,10000",
        "110001,10000", // in the pause: where the pause began
        "169999,10000",
        "170000,10000",
        "173000,13000", // the pause shifts nothing
        "175000,15000",
        "175001," // after the end
    })
    void givesWhatIsMadeMeanwhileItsMoment(long madeAt, Long moment) {
        assertThat(TAKE.momentOf(madeAt)).isEqualTo(moment == null ? OptionalLong.empty() : OptionalLong.of(moment));
    }

    @ParameterizedTest
    @CsvSource({
        "0,''", // nothing was made yet
        "1999,''",
        "2000,0",
        "4999,0",
        "5000,'1,2'", // two things at once
        "24999,'1,2'",
        "25000,''", // twenty seconds later their light goes out
        "60000,3",
        "70000,3"
    })
    void lightsUpWhatWasMadeLast(long at, String lit) {
        var notes = new TimedNotes(2_000, 5_000, 5_000, 60_000);
        assertThat(notes.litAt(at))
                .containsExactly(List.of(lit.split(",")).stream()
                        .filter(place -> !place.isEmpty())
                        .mapToInt(Integer::parseInt)
                        .toArray());
    }

    @ParameterizedTest
    @CsvSource({"0,0", "2500,0", "3000,0", "3001,1", "60000,57000"})
    void playsFromJustBeforeANote(long moment, long from) {
        assertThat(TimedNotes.playFrom(moment)).isEqualTo(from);
    }

    @Test
    void keepsMomentsInOrderOfTimeAndIsFoundByTheirNames() {
        var take = Take.recorded(List.of(moment(9_000, "Why later"), moment(400, ""), moment(700, "Echo")), List.of());
        assertThat(take.moments()).extracting(Moment::atMillis).containsExactly(400L, 700L, 9_000L);
        assertThat(take.words()).isEqualTo("Echo Why later");
    }

    @Test
    void refusesWhatNoRecordingHas() {
        var id = UUID.randomUUID();
        assertThatIllegalArgumentException().isThrownBy(() -> new Moment(id, -1, ""));
        assertThatIllegalArgumentException().isThrownBy(() -> new Moment(id, 1, "a".repeat(121)));
        assertThatIllegalArgumentException().isThrownBy(() -> new Stretch(5, -1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Take.recorded(List.of(new Moment(id, 1, ""), new Moment(id, 2, "")), List.of()));
    }

    private static Moment moment(long at, String name) {
        return new Moment(UUID.randomUUID(), at, name);
    }
}
