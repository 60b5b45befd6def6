package notchbook.core.edition;

import static notchbook.core.syllabus.SyllabusTables.edition;
import static notchbook.core.syllabus.SyllabusTables.id;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import notchbook.core.coverage.Coverage;
import notchbook.core.coverage.RandomWork;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.RandomSyllabus;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class EditionMoveTest {
    private static final String OLD =
            "2||Sound\n2.3|2|Echoes\n2.3a|2.3||Echo as reflection\n2.3b|2.3||Time of an echo\n2.3c|2.3||Sonar and bats\n2.4|2|Gone\n2.4a|2.4||Hum";
    private static final String NEW =
            "2||Sound\n2.3|2|Echoes\n2.3a|2.3||Echo as reflection\n2.3b|2.3||Work with the time of an echo\n2.3d|2.3||Ultrasound";

    static LongStream seeds() {
        return LongStream.range(0, 40);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void givesTheSameCoverageThereAndBack(long seed) {
        var from = RandomSyllabus.of(seed);
        var move = EditionMove.of(from, RandomSyllabus.nextEdition(from, seed));
        var input = RandomWork.of(from, seed);
        var there = move.carry(input);
        assertThat(there.edition().nodes().count()).isPositive();
        assertThat(Coverage.of(move.back().carry(there))).isEqualTo(Coverage.of(input));
    }

    @Test
    void carriesNotchesAndLeavesWhatWasDroppedWithItsOwn() {
        var from = edition(OLD);
        var to = edition(NEW);
        var move = EditionMove.of(from, to);
        assertThat(move.lines())
                .containsEntry(id(from, "2.3a"), id(to, "2.3a"))
                .containsEntry(id(from, "2.3b"), id(to, "2.3b"))
                .doesNotContainKey(id(from, "2.3c"))
                .doesNotContainKey(id(from, "2.4"));
    }

    @Test
    void takesOwnPointsAlongUnderTheirTopic() {
        var from = edition(OLD);
        var stays = own("own1", id(from, "2.3"));
        var left = own("own2", id(from, "2.4"));
        var to = edition(NEW);
        var move = EditionMove.of(
                new Edition(Stream.concat(from.nodes(), Stream.of(stays, left)).toList()), to);
        assertThat(move.to().find(stays.id()).flatMap(SyllabusNode::parent)).contains(id(to, "2.3"));
        assertThat(move.to().find(left.id())).isEmpty();
        assertThat(move.back().to().find(left.id())).isPresent();
    }

    private static SyllabusNode own(String code, UUID topic) {
        return new SyllabusNode(
                UUID.randomUUID(),
                Optional.of(topic),
                SyllabusNode.Kind.POINT,
                code,
                "Mine",
                OptionalDouble.empty(),
                Tier.CORE,
                ExamYears.ALWAYS,
                Optional.empty(),
                "",
                SyllabusNode.Origin.OWN);
    }
}
