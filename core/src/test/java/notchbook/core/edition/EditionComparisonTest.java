package notchbook.core.edition;

import static java.util.stream.Collectors.toMap;
import static notchbook.core.syllabus.SyllabusTables.edition;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.RandomSyllabus;
import notchbook.core.syllabus.SyllabusNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class EditionComparisonTest {
    private static final String HEAD = "2||Sound\n2.1|2|How sound travels\n2.3|2|Echoes\n";

    /** Points as {@code code parent statement [identifier]}; several are set apart by semicolons. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '!',
            value = {
                "2.3a|2.3||Echo as reflection ! 2.3a|2.3||Echo as reflection ! SAME 2.3a 2.3a",
                "2.3a|2.3||Echo as  reflection. ! 2.3a|2.3||echo as reflection ! SAME 2.3a 2.3a",
                "2.3b|2.3||Work out a distance from the time of an echo ! 2.3b|2.3||Distance from echo time ! REWORDED 2.3b 2.3b",
                "2.3a|2.3||Echo as reflection ! 2.1d|2.1||Echo as reflection ! MOVED 2.3a 2.1d",
                "2.3a|2.3||Echo as reflection ! 2.3c|2.3||Echo as reflection ! MOVED 2.3a 2.3c",
                "2.3a|2.3||Echo as reflection ! 2.3a|2.1||Echo as reflection ! MOVED 2.3a 2.3a",
                "2.3a|2.3||Echo as reflection of sound ! 2.1d|2.1||Reflection of sound as an echo ! REWORDED 2.3a 2.1d",
                "2.3a|2.3||Echo as reflection ! 2.3a|2.3||Name three string instruments ! ADDED - 2.3a; DROPPED 2.3a -",
                "2.3a|2.3||Echo||||x7 ! 2.1f|2.1||Tell how bats find their way||||x7 ! REWORDED 2.3a 2.1f",
                "2.3a|2.3||Echo ! '' ! DROPPED 2.3a -",
                "'' ! 2.3a|2.3||Echo ! ADDED - 2.3a"
            })
    void saysWhatBecameOfAPoint(String before, String after, String expected) {
        assertThat(changes(before, after)).containsExactlyInAnyOrder(expected.split("; "));
    }

    @Test
    void followsPointsThatWereRenumberedByOnePutInBetween() {
        assertThat(
                        changes(
                                "2.3a|2.3||Echo as reflection;2.3b|2.3||Use speed and time of an echo",
                                "2.3a|2.3||Measure the time of an echo;2.3b|2.3||Echo as reflection;2.3c|2.3||Use speed and time of an echo"))
                .containsExactlyInAnyOrder("ADDED - 2.3a", "MOVED 2.3a 2.3b", "MOVED 2.3b 2.3c");
    }

    /** A topic with another title under another code, known by its three points, and its unit by its topics. */
    @Test
    void pairsRetitledTopicsAndUnitsByWhatTheyHold() {
        var before = edition(
                "4||Optics\n4.1|4|Bouncing\n4.1a|4.1||State the law of reflection\n4.1b|4.1||Draw a ray diagram\n4.1c|4.1||Say what a virtual image is\n");
        var after = edition(
                "7||Light and seeing\n7.2|7|Mirrors\n7.2a|7.2||State the law of reflection\n7.2b|7.2||Draw a ray diagram\n7.2c|7.2||Build a periscope\n");
        assertThat(EditionComparison.of(before, after).changes())
                .extracting(change -> change.kind() + " "
                        + change.before().map(SyllabusNode::code).orElse("-") + " "
                        + change.after().map(SyllabusNode::code).orElse("-"))
                .contains("REWORDED 4 7", "REWORDED 4.1 7.2");
    }

    @Test
    void goesByIdentifierBeforeCode() {
        assertThat(changes(
                        "2.3a|2.3||Echo as reflection||||x1;2.3b|2.3||Echo of a wall||||x2",
                        "2.3b|2.3||Echo as reflection||||x1;2.3a|2.3||Echo of a wall||||x2"))
                .containsExactlyInAnyOrder("MOVED 2.3a 2.3b", "MOVED 2.3b 2.3a");
    }

    @Test
    void keepsAPointInItsTopicWhenTwoSayTheSame() {
        assertThat(changes(
                        "2.1a|2.1||Define speed;2.3a|2.3||Define speed",
                        "2.1b|2.1||Define the speed;2.3b|2.3||Define the speed"))
                .containsExactlyInAnyOrder("REWORDED 2.1a 2.1b", "REWORDED 2.3a 2.3b");
    }

    @Test
    void putsWhatWasDroppedAfterWhatStoodBeforeIt() {
        var all = EditionComparison.of(
                        edition(HEAD + "2.3a|2.3||Echo\n2.3b|2.3||Sonar"),
                        edition(HEAD + "2.3a|2.3||Echo\n2.3c|2.3||Bats"))
                .changes();
        assertThat(all)
                .extracting(change -> change.node().code())
                .containsExactly("2", "2.1", "2.3", "2.3a", "2.3b", "2.3c");
    }

    /** An edition and one that a board might make of it: each way names the other's pairs. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void pairsEachLineWithOneOtherAndBackWithItself(long seed) {
        var before = RandomSyllabus.of(seed);
        var after = RandomSyllabus.nextEdition(before, seed);
        var there = EditionComparison.of(before, after).carried();
        var back = EditionComparison.of(after, before).carried();
        assertThat(there.values()).doesNotHaveDuplicates();
        assertThat(there).isNotEmpty();
        assertThat(back.entrySet().stream().collect(toMap(pair -> pair.getValue(), pair -> pair.getKey())))
                .isEqualTo(there);
    }

    private static List<String> changes(String before, String after) {
        return EditionComparison.of(withPoints(before), withPoints(after)).changes().stream()
                .filter(change -> change.node().isPoint())
                .map(change -> change.kind() + " " + code(change.before()) + " " + code(change.after()))
                .toList();
    }

    private static Edition withPoints(String points) {
        return edition(HEAD + points.replace(";", "\n"));
    }

    private static String code(Optional<SyllabusNode> node) {
        return node.map(SyllabusNode::code).orElse("-");
    }
}
