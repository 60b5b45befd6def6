package notchbook.core.reflection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Collections;
import java.util.List;
import java.util.UUID;
import notchbook.core.text.WordRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PromptTest {
    private static final UUID PIECE = new UUID(0, 1);

    private static Prompt asking(Asks asks) {
        return new Prompt("What went well?", new WordRange(3, 5), asks, List.of());
    }

    private static Answer answer(String words, String given, boolean hasPiece) {
        return new Answer(words, given, hasPiece ? List.of(PIECE) : List.of(), List.of());
    }

    @ParameterizedTest
    @CsvSource({
        "WORDS,  We timed it.,               '',  false, 0,  false, true",
        "WORDS,  We timed.,                  '',  false, 0,  false, false",
        "WORDS,  We timed it once and again., '', false, 0,  false, false",
        "WORDS,  '',                         '',  false, 2,  false, true",
        "WORDS,  '',                         '',  false, 1,  false, false",
        "WORDS,  '',                         '',  false, 60, false, false",
        "WORDS,  We timed.,                  '',  false, 1,  false, true",
        "WORDS,  '',                         '',  false, 0,  true,  true",
        "WORDS,  '',                         '',  false, 60, true,  false",
        "PIECE,  We timed it.,               '',  false, 0,  false, false",
        "PIECE,  We timed it.,               '',  true,  0,  false, true",
        "NUMBER, We timed it.,               '',  true,  0,  false, false",
        "NUMBER, We timed it.,               343, false, 0,  false, true",
        "NUMBER, '',                         343, false, 0,  false, false",
        "RATING, We timed it.,               3,   false, 0,  false, true",
        "TOPIC,  We timed it.,               '',  false, 0,  false, false",
    })
    void isMetByItsRangeAndByWhatItAsksForBesideWords(
            Asks asks,
            String words,
            String given,
            boolean hasPiece,
            double spoken,
            boolean isHandwritten,
            boolean isMet) {
        var answer = answer(words, given, hasPiece);
        assertThat(asking(asks).isMetBy(answer, Filled.of(answer, spoken, isHandwritten)))
                .isEqualTo(isMet);
    }

    @ParameterizedTest
    @CsvSource({
        "WORDS,  '',     true",
        "WORDS,  3,    false",
        "PIECE,  3,    false",
        "RATING, 1,    true",
        "RATING, 4,      true",
        "RATING, 0,    false",
        "RATING, 5,    false",
        "RATING, 2.5,  false",
        "NUMBER, 343,    true",
        "NUMBER, -0.28, true",
        "NUMBER, '0,28', true",
        "NUMBER, 1e9, false",
        "NUMBER, fast,   false",
        "NUMBER, ٣, false",
        "TOPIC, 2.3, false",
        "TOPIC, 0190a0d4-0000-7000-8000-000000000001, true",
    })
    void takesWhatItAsksForAndNothingElse(Asks asks, String given, boolean isTaken) {
        assertThat(asks.canBe(given)).isEqualTo(isTaken);
        if (!isTaken) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> asking(asks).checked(answer("", given, false)))
                    .withMessageContaining("What went well?");
        }
    }

    @Test
    void refusesWhatNobodyCouldAnswer() {
        var range = new WordRange(0, 10);
        assertThatIllegalArgumentException().isThrownBy(() -> new Prompt(" ", range, Asks.WORDS, List.of()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Prompt("Why?", new WordRange(0, 2_001), Asks.WORDS, List.of()));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new Prompt("Why?", range, Asks.WORDS, Collections.nCopies(7, "Because …")));
        assertThatIllegalArgumentException().isThrownBy(() -> Answer.of("a".repeat(20_001)));
    }

    @Test
    void leavesOutOpeningsThatSayNothing() {
        assertThat(new Prompt("Why?", new WordRange(0, 10), Asks.WORDS, List.of(" ", " Because … ")).openings())
                .containsExactly("Because …");
    }
}
