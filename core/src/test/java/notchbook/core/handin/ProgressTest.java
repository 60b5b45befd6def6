package notchbook.core.handin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProgressTest {
    @ParameterizedTest
    @CsvSource({
        "false,           , NOT_BEGUN",
        "true,            , BEGUN",
        "true,     WAITING, IN",
        "false,    WAITING, IN",
        "true,  BEING_READ, IN",
        "true,   SENT_BACK, IN",
        "true,     CHECKED, CHECKED"
    })
    void isTheFurthestThatIsKnown(boolean isBegun, HandInState latest, Progress progress) {
        assertThat(Progress.of(isBegun, Optional.ofNullable(latest))).isEqualTo(progress);
    }
}
