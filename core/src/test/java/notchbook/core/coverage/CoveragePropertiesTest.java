package notchbook.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Random;
import java.util.stream.LongStream;
import notchbook.core.syllabus.RandomSyllabus;
import notchbook.core.syllabus.Weights;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of coverage whatever the syllabus and the work are like. */
class CoveragePropertiesTest {
    static LongStream seeds() {
        return LongStream.range(0, 60);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void neverFallsWhenANotchIsAdded(long seed) {
        var input = RandomWork.of(RandomSyllabus.of(seed), seed);
        var random = new Random(seed);
        var nodes = input.edition().nodes().toList();
        var evidence = new ArrayList<>(input.evidence());
        var covered = Coverage.of(input).marksCovered();
        for (var i = 0; i < 20; i++) {
            evidence.add(RandomWork.evidence(random, nodes));
            var more = Coverage.of(with(input, evidence)).marksCovered();
            assertThat(more).isGreaterThanOrEqualTo(covered - 1e-12).isLessThanOrEqualTo(1 + 1e-9);
            covered = more;
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void sharesOutTheWholeExamAmongPointsInForce(long seed) {
        var input = RandomWork.of(RandomSyllabus.of(seed), seed);
        var weights = Weights.of(input.edition(), input.exam());
        assertThat(weights.points().stream().mapToDouble(weights::of).sum()).isEqualTo(1, within(1e-9));
        assertThat(weights.points()).allMatch(point -> weights.of(point) >= 0);
        assertThat(Coverage.of(input).topics().stream()
                        .mapToDouble(TopicCoverage::weight)
                        .sum())
                .isEqualTo(1, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void leavesOutWhatIsNotInForce(long seed) {
        var input = RandomWork.of(RandomSyllabus.of(seed), seed);
        var edition = input.edition();
        var counted = Coverage.of(input).topics().stream()
                .flatMap(topic -> topic.points().stream())
                .map(point -> point.point().id())
                .toList();
        assertThat(edition.points()).allSatisfy(point -> assertThat(counted.contains(point.id()))
                .isEqualTo(edition.isInForce(point, input.exam())));
    }

    private static CoverageInput with(CoverageInput input, ArrayList<Evidence> evidence) {
        return new CoverageInput(
                input.edition(),
                input.exam(),
                input.examDay(),
                input.year(),
                input.today(),
                input.plan(),
                evidence,
                input.papers(),
                input.ratings(),
                input.looks());
    }
}
