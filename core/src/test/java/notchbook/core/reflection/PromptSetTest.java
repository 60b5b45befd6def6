package notchbook.core.reflection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.text.WordRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PromptSetTest {
    private static final LocalDate WEEK_1 = LocalDate.of(2026, 9, 7);

    private static Prompt prompt(String question) {
        return new Prompt(question, new WordRange(10, 50), Asks.WORDS, List.of());
    }

    /** Sets as {@code week=name}, in the order in which they were made. */
    private static List<PromptSet> sets(String written) {
        var parts = written == null ? new String[0] : written.split(";");
        return IntStream.range(0, parts.length)
                .mapToObj(i -> new PromptSet(
                        new UUID(0, i),
                        parts[i].split("=")[1],
                        WEEK_1.plusWeeks(Integer.parseInt(parts[i].split("=")[0]) - 1),
                        List.of(prompt("Why?")),
                        false))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "3, , , ",
        "3, , 1=Mine, Mine",
        "3, 1=Class, , Class",
        "3, 1=Class, 2=Mine, Class",
        "3, 4=Class, 2=Mine, Mine",
        "4, 4=Class, 2=Mine, Class",
        "3, 1=First;3=Second, , Second",
        "2, 1=First;3=Second, , First",
        "3, 3=Second;1=First, , Second",
        "3, 2=First;2=Mended, , Mended",
        "1, 2=Class, 2=Mine, ",
    })
    void goesByTheClassThenByOnesOwnFromTheirWeekOn(int week, String ofClass, String own, String inForce) {
        assertThat(PromptSet.inForce(WEEK_1.plusWeeks(week - 1), sets(ofClass), sets(own))
                        .map(PromptSet::name))
                .isEqualTo(Optional.ofNullable(inForce));
    }

    @Test
    void refusesSetsThatNobodyCouldFillIn() {
        var tooMany = Arrays.stream(new int[13]).mapToObj(i -> prompt("Why?")).toList();
        refused("Ours", WEEK_1, List.of());
        refused("Ours", WEEK_1, tooMany);
        refused("Ours", WEEK_1, Collections.nCopies(2, prompt("Why?")));
        refused("Ours", WEEK_1.plusDays(1), List.of(prompt("Why?")));
        refused(" ", WEEK_1, List.of(prompt("Why?")));
    }

    private static void refused(String name, LocalDate from, List<Prompt> prompts) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PromptSet(UUID.randomUUID(), name, from, prompts, false));
    }
}
