package notchbook.core.notebook;

import static notchbook.core.syllabus.SyllabusTables.edition;
import static notchbook.core.syllabus.SyllabusTables.id;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import notchbook.core.syllabus.Weights;
import org.junit.jupiter.api.Test;

class PageEdgeTest {
    private final Edition edition = edition(topics(5));

    @Test
    void showsTheSectionsPointsAndItsNeighboursWhileThereIsRoom() {
        assertThat(codes(Set.of(id(edition, "1.2")), Set.of()))
                .containsExactly(
                        "1.1a", "1.1b", "1.1c", "1.1d", "1.2a", "1.2b", "1.2c", "1.2d", "1.3a", "1.3b", "1.3c", "1.3d");
    }

    @Test
    void alwaysShowsWhatThePageIsNotchedAt() {
        assertThat(codes(Set.of(id(edition, "1.1")), Set.of(id(edition, "1.5d"))))
                .contains("1.1a", "1.5d");
    }

    @Test
    void leavesOutPointsThatAreNotInForce() {
        assertThat(codes(Set.of(id(edition, "1.4")), Set.of()))
                .doesNotContain("1.4d")
                .contains("1.4c");
    }

    private List<String> codes(Set<UUID> section, Set<UUID> notched) {
        var weights = Weights.of(edition, new ExamChoice(2028, Tier.CORE));
        return PageEdge.slots(edition, weights, section, notched).stream()
                .map(SyllabusNode::code)
                .toList();
    }

    private static String topics(int count) {
        var table = new StringBuilder("1||Unit|\n");
        IntStream.rangeClosed(1, count).forEach(topic -> {
            table.append("1.%d|1|Topic|\n".formatted(topic));
            for (var letter : List.of("a", "b", "c", "d")) {
                var tier = topic == 4 && letter.equals("d") ? "extended" : "";
                table.append("1.%d%s|1.%d||point||%s\n".formatted(topic, letter, topic, tier));
            }
        });
        return table.toString();
    }
}
