package notchbook.core.review;

import static notchbook.core.text.Texts.passage;
import static notchbook.core.text.Texts.text;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.mark.Mark;
import notchbook.core.notebook.Patterns;
import notchbook.core.review.Fold.Kind;
import notchbook.core.review.Fold.Line;
import notchbook.core.review.Round.Asked;
import notchbook.core.text.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReviewTest {
    private static final UUID NOTE = id(1);
    private static final UUID PHOTO = id(2);
    private static final UUID FIRST = id(3);
    private static final UUID SECOND = id(4);
    private static final UUID SUMMARY = id(5);
    private static final UUID ECHOES = id(23);
    private static final UUID LIGHT = id(31);

    private static final List<FoldedEntry> PAGE = List.of(
            typed(
                    NOTE,
                    "main",
                    text("An echo is [1:sound that ][1:==comes back==], and ==halved== it gives", "the distance."),
                    List.of(key(Optional.of(passage(1)))),
                    Optional.empty(),
                    Set.of(ECHOES)),
            new FoldedEntry(
                    PHOTO,
                    "main",
                    "Wall and wheel",
                    Optional.empty(),
                    List.of(key(Optional.empty())),
                    Optional.empty(),
                    Set.of(LIGHT)),
            typed(FIRST, "cues", text("Why halve it?"), List.of(), Optional.of(passage(1)), Set.of()),
            typed(SECOND, "cues", text("What did we see?"), List.of(), Optional.empty(), Set.of()),
            typed(SUMMARY, "summary", text("Time many echoes."), List.of(), Optional.empty(), Set.of()));

    @Test
    void foldsCueNotesToCuesKeysHighlightsAndSummary() {
        assertThat(Fold.of(Patterns.CUE_NOTES, PAGE).lines())
                .containsExactly(
                        new Line(Kind.CUE, FIRST, "Why halve it?"),
                        new Line(Kind.CUE, SECOND, "What did we see?"),
                        new Line(Kind.KEY, NOTE, "sound that comes back"),
                        new Line(Kind.HIGHLIGHT, NOTE, "halved"),
                        new Line(Kind.KEY, PHOTO, "Wall and wheel"),
                        new Line(Kind.SUMMARY, SUMMARY, "Time many echoes."));
    }

    @Test
    void keepsMarginNotesAndLeavesOutEmptyOnes() {
        var page = List.of(
                typed(NOTE, "main", text("The source."), List.of(), Optional.empty(), Set.of()),
                typed(FIRST, "margin", text("My point."), List.of(), Optional.empty(), Set.of()),
                typed(SUMMARY, "summary", text(""), List.of(), Optional.empty(), Set.of()));
        assertThat(Fold.of(Patterns.SOURCE_AND_SUMMARY, page).lines())
                .containsExactly(new Line(Kind.MARGIN, FIRST, "My point."));
    }

    @Test
    void saysAnEntryThatIsAKeyAsAWholeOnce() {
        var page = List.of(typed(
                NOTE,
                "main",
                text("All of ==this== matters."),
                List.of(key(Optional.empty())),
                Optional.empty(),
                Set.of()));
        assertThat(Fold.of(Patterns.FREE, page).lines())
                .containsExactly(new Line(Kind.KEY, NOTE, "All of this matters."));
    }

    @Test
    void answersACueByWhatItStandsBesideElseByAllNotes() {
        assertThat(Card.of(Patterns.CUE_NOTES, PAGE, Map.of()))
                .containsExactly(
                        new Card(FIRST, "Why halve it?", List.of(NOTE), Set.of(ECHOES)),
                        new Card(SECOND, "What did we see?", List.of(NOTE, PHOTO), Set.of(ECHOES, LIGHT)));
    }

    @ParameterizedTest
    @CsvSource({
        // first known, second known, asked first
        ",,3",
        "true,,4",
        "false,,3",
        "true,false,4",
        "true,true,3",
        ",false,4",
    })
    void asksWhatWasNotKnownFirstAndWhatWasKnownLast(Boolean first, Boolean second, int asked) {
        var known = new HashMap<UUID, Boolean>();
        Optional.ofNullable(first).ifPresent(was -> known.put(FIRST, was));
        Optional.ofNullable(second).ifPresent(was -> known.put(SECOND, was));
        assertThat(Card.of(Patterns.CUE_NOTES, PAGE, known).getFirst().cue()).isEqualTo(id(asked));
    }

    @Test
    void countsATopicAsLookedAtAgainWhenEveryCueOfItWasKnown() {
        var round = new Round(
                List.of(new Asked(FIRST, true, Set.of(ECHOES)), new Asked(SECOND, false, Set.of(LIGHT, id(9)))));
        assertThat(round.lookedAgain()).containsExactly(ECHOES);
        assertThat(new Round(List.of(new Asked(FIRST, true, Set.of(ECHOES)), new Asked(SECOND, false, Set.of(ECHOES))))
                        .lookedAgain())
                .isEmpty();
    }

    @Test
    void measuresMarginAndSummaryAgainstTheSource() {
        var page = List.of(
                typed(
                        NOTE,
                        "main",
                        text("The wave crosses from the deep water"),
                        List.of(),
                        Optional.empty(),
                        Set.of()),
                typed(FIRST, "margin", text("crosses from the deep water"), List.of(), Optional.empty(), Set.of()),
                typed(SUMMARY, "summary", text("Waves slow down."), List.of(), Optional.empty(), Set.of()));
        var measured = OwnWordsOnPage.measure(Patterns.SOURCE_AND_SUMMARY, page);
        assertThat(measured.keySet()).containsExactly(FIRST, SUMMARY);
        assertThat(measured.get(FIRST).copiedShare()).isEqualTo(1);
        assertThat(OwnWordsOnPage.measure(Patterns.CUE_NOTES, page)).isEmpty();
    }

    private static FoldedEntry typed(
            UUID id, String zone, Document text, List<Mark> marks, Optional<UUID> beside, Set<UUID> topics) {
        return new FoldedEntry(id, zone, "Typed note", Optional.of(text), marks, beside, topics);
    }

    private static Mark key(Optional<UUID> passage) {
        return new Mark.Key(id(80), passage, Instant.EPOCH);
    }

    private static UUID id(int number) {
        return new UUID(0, number);
    }
}
