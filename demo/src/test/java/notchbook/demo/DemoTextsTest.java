package notchbook.demo;

import static java.util.stream.Collectors.toSet;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import notchbook.app.syllabus.SyllabusFile;
import notchbook.core.link.WebLink;
import notchbook.core.notebook.Patterns;
import notchbook.core.notebook.Zone;
import notchbook.core.syllabus.SyllabusNode;
import notchbook.core.text.Words;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The texts of the demo school fit each other: what is written, planned and looked back on is in its syllabus. */
class DemoTextsTest {
    @ParameterizedTest
    @ValueSource(strings = {"physics-2027", "physics-2028", "geography-2028", "music-2028"})
    void syllabiAreWholeAndHaveSixtyPointsOrMore(String name) {
        var read = SyllabusFile.ofTable(Outline.text(name + ".csv").getBytes(StandardCharsets.UTF_8))
                .read(UUID::randomUUID);
        assertThat(read.breaches()).isEmpty();
        assertThat(read.nodes().stream().filter(SyllabusNode::isPoint)).hasSizeGreaterThanOrEqualTo(60);
    }

    @ParameterizedTest
    @CsvSource({"physics,physics-2028", "geography,geography-2028", "music,music-2028"})
    void outlinesAndPlansNameWhatTheirSyllabusHas(String subject, String syllabus) {
        var codes = codes(syllabus);
        for (var page : Outline.read(subject + ".txt").pages()) {
            assertThat(codes).contains(page.topic());
            assertThat(page.week()).as(page.title()).isBetween(1, DemoCalendar.THIS_WEEK);
            page.entries().forEach(entry -> assertThat(codes).containsAll(entry.codes()));
        }
        assertThat(codes).containsAll(ClassPlans.of(subject).keySet());
    }

    @ParameterizedTest
    @ValueSource(strings = {"physics", "geography", "music"})
    void outlinesNameDrawingsThatCanBeDrawnAndTextsThatCanBeRead(String subject) {
        for (var page : Outline.read(subject + ".txt").pages()) {
            for (var entry : page.entries()) {
                if (entry.kind() == 'h') {
                    assertThat(Sketches.of(entry.subject(), 1).isEmpty())
                            .as(entry.subject())
                            .isFalse();
                } else if (entry.kind() == 'f') {
                    assertThat(Papers.file(entry.lines().getFirst())).isNotEmpty();
                } else if (entry.kind() == 'l') {
                    assertThat(WebLink.parse(entry.lines().getFirst())).isPresent();
                } else if (entry.kind() == 't') {
                    assertThatCode(() -> prose().document(entry.lines())).doesNotThrowAnyException();
                    assertThat(prose().document(entry.lines()).isBlank())
                            .as(page.title())
                            .isFalse();
                }
            }
        }
    }

    @Test
    void outlinesUseEveryPatternAndNameOnlyItsZones() {
        var pages = List.of("physics", "geography", "music").stream()
                .flatMap(subject -> Outline.read(subject + ".txt").pages().stream())
                .toList();
        assertThat(pages.stream().map(Outline.Page::pattern).collect(toSet())).containsAll(Patterns.STANDARD);
        for (var page : pages) {
            var zones = page.pattern().zones().stream().map(Zone::key).toList();
            page.entries().forEach(entry -> assertThat(zones)
                    .as(page.title())
                    .containsAll(entry.zone().stream().toList()));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"physics", "geography", "music"})
    void outlinesShowAllFourKindsOfEntries(String subject) {
        assertThat(Outline.read(subject + ".txt").pages().stream()
                        .flatMap(page -> page.entries().stream())
                        .map(Outline.Entry::kind)
                        .collect(toSet()))
                .containsAll(Set.of('t', 'h', 'p', 'r'));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 4, 6, 8})
    void mostReflectionsAnswerAllPromptsInTheirRange(int week) {
        var answers = reflection("physics " + week);
        assertThat(Words.count(answers.get(1))).isBetween(50, 150);
        assertThat(Words.count(answers.get(2))).isBetween(30, 120);
        assertThat(Words.count(answers.get(3))).isBetween(20, 80);
    }

    private static List<String> reflection(String head) {
        return Outline.text("reflections.txt")
                .lines()
                .map(line -> List.of(line.split(" \\| ?")))
                .filter(parts -> parts.getFirst().equals(head))
                .findFirst()
                .orElseThrow();
    }

    private static Set<String> codes(String syllabus) {
        return SyllabusFile.ofTable(Outline.text(syllabus + ".csv").getBytes(StandardCharsets.UTF_8))
                .read(UUID::randomUUID)
                .nodes()
                .stream()
                .map(SyllabusNode::code)
                .collect(toSet());
    }

    private static Prose prose() {
        return new Prose(number -> new UUID(0, number));
    }
}
