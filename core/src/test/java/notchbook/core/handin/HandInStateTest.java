package notchbook.core.handin;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HandInStateTest {
    @ParameterizedTest
    @CsvSource({
        "WAITING,BEING_READ,,,true,false",
        "BEING_READ,BEING_READ,SENT_BACK,CHECKED,false,false",
        "SENT_BACK,SENT_BACK,,,false,true",
        "CHECKED,CHECKED,,,false,true"
    })
    void allowsOnlyTheStepsOfTheRoad(
            HandInState state,
            HandInState opened,
            HandInState back,
            HandInState checked,
            boolean takeBack,
            boolean next) {
        assertThat(state.opened()).contains(opened);
        assertThat(state.sentBack().orElse(null)).isEqualTo(back);
        assertThat(state.checked().orElse(null)).isEqualTo(checked);
        assertThat(state.canBeTakenBack()).isEqualTo(takeBack);
        assertThat(state.isReturned()).isEqualTo(next);
    }
}
