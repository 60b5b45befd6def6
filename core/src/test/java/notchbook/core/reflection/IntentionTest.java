package notchbook.core.reflection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IntentionTest {
    private static final LocalDate WEEK_1 = LocalDate.of(2026, 9, 7);

    /** Written sheets as {@code week=words}, a sheet that means nothing as {@code week=}. */
    @ParameterizedTest
    @CsvSource({
        "1,                          , ",
        "2, 1=Ask about lenses       , Ask about lenses",
        "5, 1=Ask about lenses       , Ask about lenses",
        "3, 1=Ask;2=Draw             , Draw",
        "3, 2=Draw;1=Ask             , Draw",
        "2, 1=Ask;2=Draw             , Ask",
        "2, 2=Draw;3=Plot            , ",
        "4, 1=Ask;2=                 , ",
        "4, 1=Ask;2=   ;3=Plot       , Plot",
    })
    void isAskedAboutOnTheNextSheetWhicheverWeekThatIs(int week, String written, String asked) {
        var sheets = written == null ? List.<Intention>of() : intentions(written);
        assertThat(Intention.askedIn(WEEK_1.plusWeeks(week), sheets).map(Intention::words))
                .isEqualTo(Optional.ofNullable(asked));
    }

    private static List<Intention> intentions(String written) {
        return Arrays.stream(written.split(";"))
                .map(one -> one.split("=", 2))
                .map(one -> new Intention(WEEK_1.plusWeeks(Integer.parseInt(one[0])), one[1]))
                .toList();
    }

    @Test
    void isShort() {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Intention(WEEK_1, "a".repeat(501)))
                .withMessage("Say what you mean to do in up to 500 characters.");
        assertThatIllegalArgumentException().isThrownBy(() -> new Resolve(Optional.empty(), "", "a".repeat(501)));
        assertThatIllegalArgumentException().isThrownBy(() -> new Resolve(Optional.empty(), "a".repeat(1_001), ""));
    }

    @ParameterizedTest
    @CsvSource({"DONE, '', '', false", ", ' ', ' ', true", ", Half of it, '', false", ", '', Ask, false"})
    void counts(Outcome outcome, String about, String next, boolean isNothing) {
        assertThat(new Resolve(Optional.ofNullable(outcome), about, next).isNothing())
                .isEqualTo(isNothing);
    }
}
