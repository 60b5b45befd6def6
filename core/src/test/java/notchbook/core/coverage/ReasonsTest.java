package notchbook.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class ReasonsTest {
    @Test
    void saysWhereTheMarksCoveredComeFrom() {
        var notebook = new CoverageCase().typed(3, "2.1a", "2.2b");
        assertThat(reasons(notebook).ofMarksCovered())
                .containsExactly(
                        "2 of 5 points in force for 2028 (core) have at least one entry notched to them. Their weights are summed.",
                        "2 Sound: 30 % of 60 %",
                        "3 Light: 0 % of 40 %");
    }

    @Test
    void saysWhichPointsAreBareAndWhichTopicsAreBehind() {
        var notebook = new CoverageCase().typed(3, "2.1a").plan("2.1", 3, 4).plan("3.1", 30, 31);
        assertThat(reasons(notebook).ofPointsBare())
                .containsExactly("2.1 Travel: 2.1b", "2.2 Pitch: 2.2a, 2.2b", "3.1 Mirror: 3.1a");
        assertThat(reasons(notebook).ofTopicsBehind())
                .containsExactly("2.1 Travel: planned for weeks 3 and 4, still bare 2.1b");
    }

    static Stream<Arguments> standings() {
        return Stream.of(
                standing("nothing is notched to it or to its points, and no plan names it.", one -> one),
                standing("1 of 2 points bare (2.1b), and its plan is for week 3.", one -> one.typed(3, "2.1a")
                        .plan("2.1", 3, 3)),
                standing(
                        "the latest paper mark is below 50 %",
                        one -> both(one, 3).paper("2.1", 2, 40)),
                standing("its revisit is overdue", one -> both(one, 60)),
                standing("all of its evidence is of one kind", one -> both(one, 3)),
                standing("by more than one kind", one -> both(one, 3).photo(2, "2.1a")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("standings")
    void saysWhyATopicStandsWhereItDoes(String words, UnaryOperator<CoverageCase> laid) {
        var notebook = laid.apply(new CoverageCase());
        var first = reasons(notebook).of(notebook.topic("2.1")).getFirst();
        assertThat(first).startsWith(notebook.standing("2.1") + ": ").contains(words);
    }

    @Test
    void saysWhatATopicsFiguresAreMadeOf() {
        var notebook = both(new CoverageCase(), 60).paper("2.1", 20, 50).paper("2.1", 40, 90);
        assertThat(reasons(notebook).of(notebook.topic("2.1")))
                .contains(
                        "20 % of the marks: its points in force are 2.1a 10 %, 2.1b 10 %.",
                        "50 % on papers: 50 of 100 marks on 12 Nov, the latest paper with it.",
                        "Last seen on 12 Nov. To be seen again within 8 weeks: due by 7 Jan.");
    }

    private static CoverageCase both(CoverageCase notebook, int daysAgo) {
        return notebook.typed(daysAgo, "2.1a", "2.1b");
    }

    private static Arguments standing(String words, UnaryOperator<CoverageCase> laid) {
        return Arguments.of(words, laid);
    }

    private static Reasons reasons(CoverageCase notebook) {
        return new Reasons(notebook.input(), notebook.coverage());
    }
}
