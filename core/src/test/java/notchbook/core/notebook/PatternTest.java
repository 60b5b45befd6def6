package notchbook.core.notebook;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import notchbook.core.notebook.Zone.Role;
import notchbook.core.text.WordRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PatternTest {
    @ParameterizedTest
    @CsvSource({"cues,cues", "main,main", "summary,summary", "margin,main", "sketch,main", "'',main"})
    void keepsAnEntryOfAnotherPatternInTheMiddle(String key, String shownIn) {
        assertThat(Patterns.CUE_NOTES.zoneOf(key).key()).isEqualTo(shownIn);
    }

    @Test
    void showsAnEntryOfAnotherPatternInTheFirstBoxWhereThereIsNoMiddle() {
        assertThat(Patterns.OBSERVATION.zoneOf("cues").key()).isEqualTo("observe");
    }

    @Test
    void bringsEveryEntryBackToItsZoneWhenItsPatternComesBack() {
        for (var pattern : Patterns.STANDARD) {
            assertThat(pattern.zones())
                    .allMatch(zone -> pattern.zoneOf(zone.key()).equals(zone));
        }
    }

    @Test
    void refusesWhatNoPageHasRoomFor() {
        assertThatThrownBy(() -> new Pattern("", List.of(zone("a", Role.MAIN)))).hasMessageContaining("a name");
        assertThatThrownBy(() -> new Pattern("Mine", List.of())).hasMessageContaining("1 to 12 zones");
        assertThatThrownBy(() -> new Pattern("Mine", Collections.nCopies(2, zone("a", Role.BOX))))
                .hasMessageContaining("the same one");
        assertThatThrownBy(() -> new Pattern("Mine", List.of(zone("a", Role.CUES))))
                .hasMessageContaining("in the middle or a box");
        assertThatThrownBy(() ->
                        new Pattern("Mine", List.of(zone("m", Role.MAIN), zone("a", Role.CUES), zone("b", Role.CUES))))
                .hasMessageContaining("one column on either side");
        assertThatThrownBy(() -> zone("<b>", Role.BOX)).hasMessageContaining("<b>");
        assertThatThrownBy(() -> new Paper(Paper.Lines.RULED, 3, Paper.Tint.WHITE))
                .hasMessageContaining("4 to 15 mm");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "sketch TYPED 0 full | What I observe: has 0 words, it asks for 2 to 4; Sketch: has no drawing or photo",
                "observe TYPED 3 full, sketch HANDWRITTEN 0 full | ''",
                "observe TYPED 3 full, sketch PHOTO 0 full | ''",
                "observe TYPED 5 full, sketch PHOTO 0 full | What I observe: has 5 words, it asks for 2 to 4",
                "observe TYPED 2 full, observe TYPED 2 full, sketch PHOTO 0 empty | Sketch: has no drawing or photo",
                "elsewhere TYPED 2 full, sketch PHOTO 0 full | ''",
            })
    void saysWhatIsMissingFromAPage(String contents, String gaps) {
        var pattern = new Pattern(
                "Seeing",
                List.of(
                        new Zone("observe", Role.BOX, "What I observe", "", Optional.of(new WordRange(2, 4)), Set.of()),
                        new Zone(
                                "sketch",
                                Role.BOX,
                                "Sketch",
                                "",
                                Optional.empty(),
                                Set.of(EvidenceKind.HANDWRITTEN, EvidenceKind.PHOTO))));
        assertThat(Gap.in(pattern, contents(contents)).stream()
                        .map(gap -> gap.zone().title() + ": " + gap.words()))
                .isEqualTo(gaps.isEmpty() ? List.of() : List.of(gaps.split("; ")));
        assertThat(Gap.ofKinds(pattern, contents(contents)))
                .as("without a word read")
                .isEqualTo(Gap.in(pattern, contents(contents)).stream()
                        .filter(gap -> gap.words().startsWith("has no "))
                        .toList());
    }

    private static List<ZoneContent> contents(String written) {
        return List.of(written.split(", ")).stream()
                .map(one -> one.split(" "))
                .map(one -> new ZoneContent(
                        one[0], EvidenceKind.valueOf(one[1]), Integer.parseInt(one[2]), one[3].equals("empty")))
                .toList();
    }

    private static Zone zone(String key, Role role) {
        return new Zone(key, role, "Notes", "", Optional.empty(), Set.of());
    }
}
