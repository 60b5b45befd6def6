package notchbook.core.paper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.coverage.PaperMark;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PapersTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 3);
    private static final UUID ECHOES = new UUID(0, 1);
    private static final UUID LENSES = new UUID(0, 2);

    @Test
    void setsUpARunOfYearsAtOnce() {
        var names = new PaperRun(2025, 2026, List.of("summer"), List.of("1", "2"), List.of("1", "2")).names();
        assertThat(names).hasSize(8);
        assertThat(names.getFirst().words()).isEqualTo("2026 summer, paper 1, variant 1");
        assertThat(names.getLast().words()).isEqualTo("2025 summer, paper 2, variant 2");
    }

    @ParameterizedTest
    @CsvSource({"2026, 2025, run backwards", "1900, 2300, more than 400 papers"})
    void refusesARunThatNobodyMeans(int first, int last, String message) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PaperRun(first, last, List.of(), List.of(), List.of()))
                .withMessageContaining(message);
    }

    @ParameterizedTest
    @CsvSource({
        "2027, summer, 2, 1, '2027 summer, paper 1, variant 2'",
        "2027, '', '', Practical, '2027, Practical'",
        ", Mock, '', '', Mock"
    })
    void namesAPaperByWhatThereIs(Integer year, String sitting, String variant, String paper, String words) {
        assertThat(new PaperName(Optional.ofNullable(year), sitting, variant, paper).words())
                .isEqualTo(words);
    }

    @Test
    void takesTheQuestionsOfATopicTogether() {
        var done = done(part("1a", ECHOES, 2, 3), part("1b", LENSES, 0, 2), part("4", ECHOES, 3, 5));
        assertThat(done.byTopic()).containsExactly(new PaperMark(ECHOES, DAY, 5, 8), new PaperMark(LENSES, DAY, 0, 2));
        assertThat(done.share().orElseThrow()).isEqualTo(0.5, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"5,4", "-1,4", "0,0", "NaN,4"})
    void refusesMarksThatCannotBe(double marks, double outOf) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> part("1", ECHOES, marks, outOf))
                .withMessageContaining("Question 1");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new PaperDone(
                        DAY, OptionalDouble.of(marks), OptionalDouble.of(outOf), Optional.empty(), List.of()))
                .withMessageContaining("can't be");
    }

    @ParameterizedTest
    @CsvSource({
        "0.5, ONE_PAPER",
        "0.5 0.7, UP",
        "0.7 0.5, DOWN",
        "0.5 0.55, LEVEL",
        "0.9 0.1 0.55, LEVEL",
        "0.2 0.4 0.5, UP"
    })
    void setsTheLastPaperAgainstThoseBefore(String shares, TopicTrend.Direction direction) {
        var marks = Arrays.stream(shares.split(" ")).map(Double::valueOf).toList();
        var papers = IntStream.range(0, marks.size())
                .mapToObj(i -> new PastPaper(
                        UUID.randomUUID(),
                        new PaperName(Optional.of(2020 + i), "", "", "1"),
                        Optional.of(new PaperDone(
                                DAY.plusDays(i),
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                Optional.empty(),
                                List.of(part("", ECHOES, 100 * marks.get(i), 100))))))
                .toList()
                .reversed();
        assertThat(TopicTrend.of(papers)).singleElement().satisfies(trend -> assertThat(trend.direction())
                .isEqualTo(direction));
    }

    private static PaperDone done(QuestionMark... parts) {
        return new PaperDone(DAY, OptionalDouble.empty(), OptionalDouble.empty(), Optional.of(45), List.of(parts));
    }

    private static QuestionMark part(String question, UUID topic, double marks, double outOf) {
        return new QuestionMark(question, topic, marks, outOf);
    }
}
