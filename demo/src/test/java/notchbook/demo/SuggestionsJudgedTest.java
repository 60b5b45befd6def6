package notchbook.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import notchbook.app.syllabus.SyllabusFile;
import notchbook.core.suggest.PointIndex;
import notchbook.core.suggest.Suggestion;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.syllabus.Tier;
import org.junit.jupiter.api.Test;

/** How often the core's suggestions are what the students of the demo notched themselves. */
class SuggestionsJudgedTest {
    private static final ExamChoice EXAM = new ExamChoice(2028, Tier.EXTENDED);

    /** An entry's words with the codes that its student chose. */
    private record Judged(String words, Set<String> chosen, List<String> offered) {
        boolean isFirst() {
            return !offered.isEmpty() && chosen.contains(offered.getFirst());
        }

        boolean isAmongThree() {
            return offered.stream().anyMatch(chosen::contains);
        }
    }

    @Test
    void areMostlyWhatWasChosen() {
        var judged = List.of("physics", "geography", "music").stream()
                .flatMap(subject -> judged(subject).stream())
                .toList();
        var offered = judged.stream().filter(one -> !one.offered().isEmpty()).toList();
        var first = offered.stream().filter(Judged::isFirst).count();
        var amongThree = offered.stream().filter(Judged::isAmongThree).count();
        System.out.printf(
                "Suggestions: %d entries, something offered for %d; right first %d, among the first three %d%n",
                judged.size(), offered.size(), first, amongThree);
        assertThat((double) first / offered.size()).as("right first").isGreaterThan(0.6);
        assertThat((double) amongThree / offered.size()).as("among three").isGreaterThan(0.75);
        assertThat((double) offered.size() / judged.size())
                .as("anything offered")
                .isGreaterThan(0.3);
    }

    private static List<Judged> judged(String subject) {
        var nodes = SyllabusFile.ofTable(Outline.text(subject + "-2028.csv").getBytes(StandardCharsets.UTF_8))
                .read(UUID::randomUUID)
                .nodes();
        Map<UUID, String> codes = nodes.stream().collect(Collectors.toMap(SyllabusNode::id, SyllabusNode::code));
        var index = PointIndex.of(new Edition(nodes), EXAM);
        return Outline.read(subject + ".txt").pages().stream()
                .flatMap(page -> page.entries().stream())
                .filter(entry -> !entry.codes().isEmpty())
                .map(entry -> {
                    var words = entry.caption() + "\n" + (entry.kind() == 't' ? plain(entry.lines()) : "");
                    var offered = index.suggest(words, Set.of(), 3).stream()
                            .map(Suggestion::point)
                            .map(codes::get)
                            .toList();
                    return new Judged(words, Set.copyOf(entry.codes()), offered);
                })
                .toList();
    }

    private static String plain(List<String> lines) {
        return new Prose(number -> UUID.randomUUID()).document(lines).plainText();
    }
}
