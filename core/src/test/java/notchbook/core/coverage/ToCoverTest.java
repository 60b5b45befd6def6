package notchbook.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ToCoverTest {
    @ParameterizedTest
    @CsvSource({
        "true,true,",
        "false,false,",
        "true,false,'Ticked, but nothing is notched'",
        "false,true,'Notched, but not ticked'",
    })
    void saysWhereTickAndNotchesDisagree(boolean isTicked, boolean isCovered, String words) {
        var one = new ToCover(new UUID(0, 1), "2.3a", "Echo as reflection", isTicked, isCovered);
        assertThat(one.disagreement().orElse(null)).isEqualTo(words);
    }
}
