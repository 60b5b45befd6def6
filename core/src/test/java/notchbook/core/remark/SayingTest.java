package notchbook.core.remark;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.ink.Drawing;
import notchbook.core.remark.Saying.Sign;
import notchbook.core.version.Versions;
import org.junit.jupiter.api.Test;

class SayingTest {
    private static final Optional<Drawing> LINE = Optional.of(new Drawing(9, 9, List.of(Versions.stroke(3))));

    @Test
    void isToldInAFewWordsWhateverItIs() {
        assertThat(List.of(
                        Saying.typed(" Units, please. ").gist(),
                        new Saying("", Optional.of(new UUID(0, 1)), LINE, Optional.empty()).gist(),
                        new Saying("", Optional.empty(), LINE, Optional.empty()).gist(),
                        new Saying("", Optional.empty(), Optional.empty(), Optional.of(Sign.LOOK_AGAIN)).gist()))
                .containsExactly("Units, please.", "A spoken remark", "Drawn over the work", "Look again");
    }

    @Test
    void saysSomething() {
        var nothing = Optional.of(new Drawing(9, 9, List.of()));
        assertThatThrownBy(() -> new Saying(" ", Optional.empty(), nothing, Optional.empty()))
                .hasMessage("A remark needs words, a voice or a line of the pen.");
        assertThatThrownBy(() -> Saying.typed("x".repeat(2_001))).hasMessageContaining("2,000 characters");
    }
}
