package notchbook.core.suggest;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.ExamYears;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.SyllabusNode.Kind;
import notchbook.core.syllabus.Tier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PointIndexTest {
    private static final List<SyllabusNode> NODES = List.of(
            node("2", "", Kind.UNIT, "Sound", Tier.CORE),
            node("2.1", "2", Kind.TOPIC, "Loudness and pitch", Tier.CORE),
            node("2.1a", "2.1", Kind.POINT, "Relate loudness to amplitude", Tier.CORE),
            node("2.1b", "2.1", Kind.POINT, "Relate pitch to frequency in hertz", Tier.CORE),
            node("2.3", "2", Kind.TOPIC, "Echoes and sonar", Tier.CORE),
            node("2.3a", "2.3", Kind.POINT, "Describe an echo as the reflection of sound", Tier.CORE),
            node("2.3b", "2.3", Kind.POINT, "Find a distance from the time of an echo", Tier.CORE),
            node("2.3c", "2.3", Kind.POINT, "Name sources of error when timing by hand", Tier.CORE),
            node("2.3d", "2.3", Kind.POINT, "Describe uses of sonar and of ultrasound", Tier.EXTENDED));
    private static final Edition EDITION = new Edition(NODES);
    private static final PointIndex INDEX = PointIndex.of(EDITION, new ExamChoice(2028, Tier.CORE));

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            We found the distance to the wall from the time the echo took | 2.3b
            The sound is reflected off the wall: that reflection is an echo | 2.3a
            ERRORS: my hand is slow, timing by hand is poor                | 2.3c
            a loud note has large amplitudes                              | 2.1a
            the louder it is, the greater the amplitude and the loudness  | 2.1a
            Pitch rises with the frequency                                | 2.1b
            Ask Ms Tolland about the trip                                 | nothing
            of the and an to                                              | nothing
            echo                                                          | nothing
            """)
    void offersFirstWhatTheWordsSay(String text, String code) {
        assertThat(first(INDEX.suggest(text, Set.of(), 3))).isEqualTo(code);
    }

    @Test
    void tellsTheWordsThatMatchedAsTheyAreWritten() {
        var suggestion =
                INDEX.suggest("Timed ECHOES give the distances", Set.of(), 3).getFirst();
        assertThat(suggestion.words()).containsExactlyInAnyOrder("Timed", "ECHOES", "distances");
    }

    @Test
    void leavesOutWhatIsNotchedOrRefusedAndWhatIsOutOfForce() {
        var text = "distance from the time of an echo";
        var leftOut = Set.of(id("2.3b"));
        assertThat(INDEX.suggest(text, leftOut, 9))
                .extracting(Suggestion::point)
                .doesNotContain(id("2.3b"));
        assertThat(INDEX.suggest("describe the uses of sonar and ultrasound", Set.of(), 9))
                .extracting(Suggestion::point)
                .doesNotContain(id("2.3d"));
        var extended = PointIndex.of(EDITION, new ExamChoice(2028, Tier.EXTENDED));
        assertThat(first(extended.suggest("describe the uses of sonar and ultrasound", Set.of(), 9)))
                .isEqualTo("2.3d");
    }

    @Test
    void givesNoMoreThanAskedFor() {
        var text = NODES.stream().map(SyllabusNode::title).reduce("", (a, b) -> a + " " + b);
        assertThat(INDEX.suggest(text, Set.of(), 3)).hasSize(3);
    }

    @Test
    void ranksAPointThatIsSaidInFullAboveOneThatIsSaidInPart() {
        var shares = INDEX
                .suggest("Find a distance from the time of an echo, an echo is a reflection of sound", Set.of(), 3)
                .stream()
                .map(Suggestion::share)
                .toList();
        assertThat(shares).isSortedAccordingTo((a, b) -> Double.compare(b, a));
        assertThat(shares.getFirst()).isLessThanOrEqualTo(1);
    }

    @Test
    void offersNothingOfASyllabusWithoutPoints() {
        var none = PointIndex.of(new Edition(List.of()), new ExamChoice(2028, Tier.CORE));
        assertThat(none.suggest("an echo", Set.of(), 3)).isEmpty();
    }

    private static String first(List<Suggestion> found) {
        return found.stream()
                .findFirst()
                .flatMap(one -> EDITION.find(one.point()))
                .map(SyllabusNode::code)
                .orElse("nothing");
    }

    private static UUID id(String code) {
        return UUID.nameUUIDFromBytes(code.getBytes());
    }

    private static SyllabusNode node(String code, String parent, Kind kind, String title, Tier tier) {
        return new SyllabusNode(
                id(code),
                parent.isEmpty() ? Optional.empty() : Optional.of(id(parent)),
                kind,
                code,
                title,
                OptionalDouble.empty(),
                tier,
                ExamYears.ALWAYS,
                Optional.empty(),
                "",
                SyllabusNode.Origin.EDITION);
    }
}
