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
        // at, has a word, knows it, taken back at, consent, what they meet
        "2026-11-25T10:00:00Z, false, false, , NOT_NEEDED, IN",
        "2026-12-02T09:59:59Z, false, false, , GIVEN, IN",
        "2026-12-02T10:00:00Z, false, false, , NOT_NEEDED, OVER",
        "2026-12-09T10:00:00Z, false, false, , GIVEN, OVER",
        "2026-11-26T10:00:00Z, true, false, , NOT_NEEDED, ASKS_FOR_WORD",
        "2026-11-26T10:00:00Z, true, true, , GIVEN, IN",
        "2026-12-02T10:00:00Z, true, false, , NOT_NEEDED, OVER",
        "2026-11-26T10:00:00Z, false, false, 2026-11-26T09:00:00Z, GIVEN, OVER",
        "2026-11-26T10:00:00Z, true, true, 2026-11-26T10:00:00Z, NOT_NEEDED, OVER",
        "2026-11-26T10:00:00Z, false, false, , WAITING, NOT_YET",
        "2026-11-26T10:00:00Z, true, false, , WAITING, NOT_YET",
        "2026-12-02T10:00:00Z, false, false, , WAITING, OVER",
        "2026-11-26T10:00:00Z, false, false, 2026-11-26T09:00:00Z, WAITING, OVER",
        "2026-11-26T10:00:00Z, false, false, , REFUSED, OVER",
    })
    void letIn(Instant at, boolean hasWord, boolean knowsWord, Instant takenBackAt, Consent consent, Admission meets) {
        var terms = new Terms(MADE, UNTIL, hasWord, false, Optional.ofNullable(takenBackAt), consent);
        assertThat(terms.admits(at, knowsWord)).isEqualTo(meets);
        assertThat(terms.isWaiting(at)).isEqualTo(meets == Admission.NOT_YET);
        assertThat(terms.isOver(at)).isEqualTo(meets == Admission.OVER);
    }

    @ParameterizedTest
    @CsvSource({"FREE, NOT_NEEDED", "CONSENT, WAITING", "NONE, NOT_NEEDED"})
    void askForAYesWhereTheSchoolWantsOne(LinkRule rule, Consent consent) {
        assertThat(rule.asks()).isEqualTo(consent);
    }

    @ParameterizedTest
    @CsvSource({"0", "-1", "91"})
    void lastFrom1To90Days(int days) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Terms(
                        MADE, MADE.plus(Duration.ofDays(days)), false, false, Optional.empty(), Consent.NOT_NEEDED))
                .withMessage("A link is open for 1 to 90 days.");
    }
}
