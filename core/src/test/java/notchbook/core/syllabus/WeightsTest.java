package notchbook.core.syllabus;

import static notchbook.core.syllabus.SyllabusTables.edition;
import static notchbook.core.syllabus.SyllabusTables.id;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WeightsTest {
    private static final String WAVES = """
            1   |    | Sound  |        | 60 |          |
            1.1 | 1  | Travel |        | 40 |          |
            1.1a| 1.1|        | medium | 10 |          |
            1.1b| 1.1|        | speed  |    |          |
            1.1c| 1.1|        | vacuum |    | extended |
            1.2 | 1  | Echo   |        |    |          |
            1.2a| 1.2|        | time   |    |          |
            2   |    | Light  |        | 40 |          |
            2.1 | 2  | Mirror |        |    |          |
            2.1a| 2.1|        | angle  |    |          |
            2.2 | 2  | Lens   |        |    |          | 2028-
            2.2a| 2.2|        | focus  |    |          |
            """;
    private final Edition edition = edition(WAVES);

    @ParameterizedTest
    @CsvSource({
        "2028,EXTENDED,1.1a,0.10",
        "2028,EXTENDED,1.1b,0.15",
        "2028,EXTENDED,1.1c,0.15",
        "2028,EXTENDED,1.2a,0.20",
        "2028,EXTENDED,2.1a,0.20",
        "2028,EXTENDED,2.2a,0.20",
        "2028,CORE,1.1b,0.30",
        "2028,CORE,1.1c,0.00",
        "2027,EXTENDED,2.1a,0.40",
        "2027,EXTENDED,2.2a,0.00"
    })
    void splitsSharesAmongPointsInForce(int year, Tier tier, String code, double weight) {
        var weights = Weights.of(edition, new ExamChoice(year, tier));
        assertThat(weights.of(id(edition, code))).isEqualTo(weight, within(1e-9));
    }

    @ParameterizedTest
    @CsvSource({"2027,CORE", "2027,EXTENDED", "2028,CORE", "2028,EXTENDED"})
    void scalesWhatIsInForceToOne(int year, Tier tier) {
        var weights = Weights.of(edition, new ExamChoice(year, tier));
        assertThat(weights.points().stream().mapToDouble(weights::of).sum()).isEqualTo(1, within(1e-9));
    }

    @Test
    void weighsPointsAlikeWhenNoWeightIsGiven() {
        var bare = edition("1||Unit|||\n1a|1||one|||\n1b|1||two|||");
        var weights = Weights.of(bare, new ExamChoice(2028, Tier.CORE));
        assertThat(weights.of(id(bare, "1a"))).isEqualTo(0.5, within(1e-9));
    }
}
