package notchbook.core.notebook;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CarriedNotchesTest {
    private static final UUID OLD = new UUID(0, 1);
    private static final UUID NEW = new UUID(0, 2);

    @ParameterizedTest
    @CsvSource({
        "2.3a,Echo as reflection,true",
        "2.3b,Echo as reflection,false",
        "2.3a,Define rhythm,false",
    })
    void meansAPointOfTheSameCodeAndWordsElsewhere(String code, String statement, boolean isCarried) {
        var from = edition(OLD, "2.3a", "Echo as reflection");
        var to = edition(NEW, code, statement);
        assertThat(CarriedNotches.of(Set.of(OLD), from, to)).isEqualTo(isCarried ? Set.of(NEW) : Set.of());
        assertThat(CarriedNotches.of(Set.of(OLD), from, from)).containsExactly(OLD);
    }

    private static Edition edition(UUID id, String code, String statement) {
        return new Edition(List.of(new SyllabusNode(
                id,
                Optional.empty(),
                SyllabusNode.Kind.POINT,
                code,
                statement,
                OptionalDouble.empty(),
                Tier.CORE,
                ExamYears.ALWAYS,
                Optional.empty(),
                "",
                SyllabusNode.Origin.EDITION)));
    }
}
