package notchbook.core.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TermsTest {
    private static final Instant MADE = Instant.parse("2026-11-25T10:00:00Z");
    private static final Instant UNTIL = Instant.parse("2026-12-02T10:00:00Z");

    @ParameterizedTest
    @CsvSource({
        // at, has a word, knows it, taken back at, what they meet
        "2026-11-25T10:00:00Z, false, false, , IN",
        "2026-12-02T09:59:59Z, false, false, , IN",
        "2026-12-02T10:00:00Z, false, false, , OVER",
        "2026-12-09T10:00:00Z, false, false, , OVER",
        "2026-11-26T10:00:00Z, true, false, , ASKS_FOR_WORD",
        "2026-11-26T10:00:00Z, true, true, , IN",
        "2026-12-02T10:00:00Z, true, false, , OVER",
        "2026-11-26T10:00:00Z, false, false, 2026-11-26T09:00:00Z, OVER",
        "2026-11-26T10:00:00Z, true, true, 2026-11-26T10:00:00Z, OVER",
    })
    void letIn(Instant at, boolean hasWord, boolean knowsWord, Instant takenBackAt, Admission meets) {
        var terms = new Terms(MADE, UNTIL, hasWord, false, Optional.ofNullable(takenBackAt));
        assertThat(terms.admits(at, knowsWord)).isEqualTo(meets);
    }

    @ParameterizedTest
    @CsvSource({"0", "-1", "91"})
    void lastFrom1To90Days(int days) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Terms(MADE, MADE.plus(Duration.ofDays(days)), false, false, Optional.empty()))
                .withMessage("A link is open for 1 to 90 days.");
    }
}
