package notchbook.core.handin;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.handin.CheckLine.Outcome;
import notchbook.core.handin.Work.Answer;
import notchbook.core.handin.Work.AskedPoint;
import notchbook.core.handin.Work.ClosedLink;
import notchbook.core.handin.Work.EntryWork;
import notchbook.core.handin.Work.Lack;
import notchbook.core.handin.Work.Nameless;
import notchbook.core.handin.Work.OpenRemark;
import notchbook.core.handin.Work.PageWork;
import notchbook.core.handin.Work.ReflectionWork;
import notchbook.core.handin.Work.Remarked;
import notchbook.core.handin.Work.Sources;
import notchbook.core.handin.Work.Unanswered;
import notchbook.core.handin.Work.Unfit;
import notchbook.core.handin.Work.Unheard;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Gap;
import notchbook.core.notebook.Patterns;
import notchbook.core.setwork.Asked;
import notchbook.core.text.WordRange;
import notchbook.core.voice.Audibility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadinessTest {
    private static final UUID A = new UUID(0, 1);
    private static final UUID D = new UUID(0, 2);
    private static final UUID PAGE = new UUID(0, 3);
    private static final UUID ENTRY = new UUID(0, 4);
    private static final CheckLine.Place AT_ENTRY = new CheckLine.ToEntry(PAGE, ENTRY);
    private static final LocalDate DAY = LocalDate.of(2026, 11, 10);

    /** Work that is whole; a test changes what it is about. */
    private static final class Hands {
        Scope scope = Scope.SECTION;
        Asked asked = Asked.NOTHING;
        List<PageWork> pages = List.of(page(entry(false, A, D)));
        List<ReflectionWork> reflections = List.of(reflection(Optional.empty()));
        Remarked remarks = Remarked.NOTHING;
        List<Unanswered> questions = List.of();
        List<ClosedLink> links = List.of();
        List<Unheard> unheard = List.of();
        List<Unfit> pictures = List.of();
        Sources sources = Sources.NONE;
        List<Lack> lacks = List.of();
        List<Fit.Part> parts = List.of(part("Wall", 1_000_000, 1_000_000));

        List<CheckLine> check() {
            return Readiness.check(new Work(
                    scope,
                    asked,
                    List.of(
                            new AskedPoint(A, "2.3a", "Echo as reflection"),
                            new AskedPoint(D, "2.3d", "Uses of sonar")),
                    pages,
                    reflections,
                    remarks,
                    questions,
                    links,
                    unheard,
                    pictures,
                    sources,
                    lacks,
                    parts));
        }

        CheckLine first() {
            return check().getFirst();
        }

        List<String> words() {
            return check().stream().map(CheckLine::words).toList();
        }
    }

    private final Hands work = new Hands();

    @Test
    void passesWorkThatIsWhole() {
        var lines = work.check();
        assertThat(lines).allMatch(line -> line.outcome() == Outcome.PASSES);
        assertThat(lines)
                .extracting(CheckLine::words)
                .contains("2.3a, 2.3d notched", "No empty entries", "Week 12 reflection in range");
    }

    @Test
    void blocksABarePointAndLeadsToIt() {
        work.pages = List.of(page(entry(false, A)));
        assertThat(work.first())
                .isEqualTo(
                        CheckLine.blocks("2.3d Uses of sonar has nothing notched", new CheckLine.ToPoint(D, "2.3d")));
    }

    @Test
    void countsAnEmptyEntryForNoPoint() {
        work.pages = List.of(page(entry(true, A, D)));
        var lines = work.check();
        assertThat(lines).filteredOn(line -> line.outcome() == Outcome.BLOCKS).hasSize(3);
        assertThat(lines).contains(CheckLine.blocks("“Echo” on “Timing” is empty", AT_ENTRY));
    }

    @Test
    void blocksAnEmptyPage() {
        work.pages = List.of(new PageWork(PAGE, "Timing", DAY, List.of(), List.of()));
        assertThat(work.words()).contains("The page “Timing” is empty");
    }

    @ParameterizedTest
    @CsvSource({
        "SECTION,This section has no pages yet",
        "PAGES,No page is chosen",
    })
    void blocksWorkWithoutAPage(Scope scope, String words) {
        work.scope = scope;
        work.pages = List.of();
        assertThat(work.words()).contains(words);
    }

    @Test
    void asksASheetForNoPages() {
        work.scope = Scope.SHEET;
        work.pages = List.of();
        assertThat(work.words()).noneMatch(line -> line.contains("page"));
    }

    @Test
    void asksChosenPagesForNoReflection() {
        work.reflections = List.of();
        assertThat(work.words()).contains("No weekly reflection looks back on this section");
        work.scope = Scope.PAGES;
        assertThat(work.words()).noneMatch(line -> line.contains("reflection"));
    }

    @Test
    void blocksAReflectionOutOfRange() {
        work.reflections = List.of(reflection(Optional.of("49 words, it asks for 50 to 150 words")));
        assertThat(work.first())
                .isEqualTo(CheckLine.blocks(
                        "Week 12, “What worked?”: 49 words, it asks for 50 to 150 words",
                        new CheckLine.ToReflection(12)));
    }

    @Test
    void warnsOfWorkNotchedNowhere() {
        work.pages = List.of(new PageWork(
                PAGE,
                "Timing",
                DAY,
                List.of(entry(false, A, D), new EntryWork(D, "Wall", EvidenceKind.PHOTO, 0, false, Set.of())),
                List.of()));
        assertThat(work.words()).contains("“Wall” is notched nowhere");
    }

    @Test
    void warnsOfPagesThatStandBeforeOlderOnes() {
        var older = new PageWork(D, "First try", DAY.minusDays(7), List.of(entry(false, A, D)), List.of());
        var same = new PageWork(A, "Again", DAY, List.of(entry(false, A, D)), List.of());
        work.pages = List.of(page(entry(false, A, D)), same, older);
        assertThat(work.check())
                .filteredOn(line -> line.outcome() == Outcome.WARNS)
                .containsExactly(CheckLine.warns(
                        "“First try” of 3 Nov stands after “Again” of 10 Nov", new CheckLine.ToPage(D)));
    }

    @Test
    void blocksAKindThatWasAskedForAndIsNotThere() {
        work.asked =
                new Asked(Set.of(EvidenceKind.TYPED, EvidenceKind.PHOTO), Optional.empty(), false, Optional.empty());
        assertThat(work.first().words()).isEqualTo("Asked for, and not there yet: a photo");
        work.pages =
                List.of(page(entry(false, A, D), new EntryWork(D, "Wall", EvidenceKind.PHOTO, 0, false, Set.of(A))));
        assertThat(work.words()).contains("Every kind that was asked for: typed text, a photo");
        work.pages =
                List.of(page(entry(false, A, D), new EntryWork(D, "Wall", EvidenceKind.PHOTO, 0, true, Set.of(A))));
        assertThat(work.words()).as("an empty one is none").contains("Asked for, and not there yet: a photo");
    }

    @ParameterizedTest
    @CsvSource({"39,BLOCKS", "40,PASSES", "80,PASSES", "81,BLOCKS"})
    void countsTheTypedWordsThatWereAskedFor(int words, Outcome outcome) {
        work.asked = new Asked(Set.of(), Optional.of(new WordRange(40, 80)), false, Optional.empty());
        work.pages = List.of(
                page(new EntryWork(ENTRY, "Echo", EvidenceKind.TYPED, words - 10, false, Set.of(A, D))),
                page(new EntryWork(ENTRY, "Wall", EvidenceKind.TYPED, 10, false, Set.of(A))));
        assertThat(work.check())
                .contains(
                        new CheckLine(outcome, words + " typed words, it asks for 40 to 80", new CheckLine.Nowhere()));
    }

    @Test
    void warnsOfRemarksLeftAsTheyWere() {
        work.remarks =
                new Remarked(1, 3, List.of(new OpenRemark(2, "How many?", Optional.of(PAGE), Optional.of(ENTRY))));
        assertThat(work.first())
                .isEqualTo(CheckLine.warns(
                        "Remark 2, “How many?”: nothing changed there, and it has no answer", AT_ENTRY));
    }

    @Test
    void saysThatSomethingWasDoneToEveryRemark() {
        work.remarks = new Remarked(1, 3, List.of());
        assertThat(work.words()).contains("Something was done to every remark on version 1");
    }

    @Test
    void blocksWhatIsTooLargeAndNamesWhatMakesItSo() {
        work.parts = List.of(
                part("Wall", 2_000_000, 500_000),
                part("Film", 99_000_000, 20_000_000),
                part("Talk", 1_000_000, 900_000));
        assertThat(work.first())
                .isEqualTo(CheckLine.blocks(
                        "Too large to send: 102.0 MB of 100 MB. Largest: “Film” 99.0 MB, “Wall” 2.0 MB, “Talk” 1.0 MB",
                        new CheckLine.MakeFit()));
    }

    @Test
    void promisesNoFitWhereThereIsNone() {
        work.parts = List.of(part("Table", Readiness.BUDGET_BYTES + 1, Readiness.BUDGET_BYTES + 1));
        assertThat(work.first().mend()).isEqualTo(new CheckLine.Nowhere());
        work.parts = List.of(part("Table", Readiness.BUDGET_BYTES, Readiness.BUDGET_BYTES));
        assertThat(Readiness.missing(work.check())).isZero();
    }

    @Test
    void blocksAZoneThatIsNotWhatItsPatternAsksFor() {
        var gap = new Gap(Patterns.OBSERVATION.zones().get(2), "has no drawing or photo");
        work.pages = List.of(new PageWork(PAGE, "Ripples", DAY, List.of(entry(false, A, D)), List.of(gap)));
        assertThat(work.first())
                .isEqualTo(
                        CheckLine.blocks("“Sketch” on “Ripples” has no drawing or photo", new CheckLine.ToPage(PAGE)));
    }

    @Test
    void warnsOfQuestionsStillOpen() {
        work.questions = List.of(new Unanswered(PAGE, ENTRY, "Does wind change it?"));
        assertThat(work.first()).isEqualTo(CheckLine.warns("Still open: Does wind change it?", AT_ENTRY));
    }

    @Test
    void warnsOfALinkThatCouldNotBeOpened() {
        work.links = List.of(new ClosedLink(PAGE, ENTRY, "tides.example/may"));
        assertThat(work.first())
                .isEqualTo(CheckLine.warns(
                        "“tides.example/may” could not be opened; your teacher may not get in either", AT_ENTRY));
    }

    @ParameterizedTest
    @CsvSource({"SILENT,is silent: nothing was recorded", "TOO_QUIET,is so quiet that it can hardly be heard"})
    void warnsOfARecordingThatCannotBeHeard(Audibility audibility, String words) {
        work.unheard = List.of(new Unheard(PAGE, ENTRY, "Why later", audibility));
        assertThat(work.first()).isEqualTo(CheckLine.warns("“Why later” " + words, AT_ENTRY));
    }

    @ParameterizedTest
    @CsvSource({"SIDEWAYS,lies on its side", "UNREAD,has not been read yet: its words can't be found"})
    void warnsOfAPictureThatTheReaderHasToTurn(Unfit.Trouble trouble, String words) {
        work.pictures = List.of(new Unfit(PAGE, ENTRY, "Worksheet", trouble));
        assertThat(work.first()).isEqualTo(CheckLine.warns("“Worksheet” " + words, AT_ENTRY));
    }

    @Test
    void asksForSourcesWhereTheyWereWanted() {
        work.asked = new Asked(Set.of(), Optional.empty(), true, Optional.empty());
        assertThat(work.first().words()).isEqualTo("Sources were asked for, and none is named");
        work.sources = new Sources(2, List.of(new Nameless(PAGE, ENTRY, "Tides")));
        assertThat(work.first())
                .isEqualTo(CheckLine.warns("“Tides” has words of a source that is named nowhere", AT_ENTRY));
        assertThat(work.words()).contains("2 sources named");
    }

    private static PageWork page(EntryWork... entries) {
        return new PageWork(PAGE, "Timing", DAY, List.of(entries), List.of());
    }

    private static EntryWork entry(boolean isEmpty, UUID... notches) {
        return new EntryWork(ENTRY, "Echo", EvidenceKind.TYPED, 0, isEmpty, Set.of(notches));
    }

    private static ReflectionWork reflection(Optional<String> lack) {
        return new ReflectionWork(12, List.of(new Answer("What worked?", lack)));
    }

    private static Fit.Part part(String name, long bytes, long small) {
        return new Fit.Part(UUID.randomUUID(), name, bytes, small);
    }

    @Test
    void asksABookForWhatItsPagesLack() {
        work.scope = Scope.BOOK;
        work.pages = List.of();
        assertThat(work.words())
                .contains("Every page of the book has what it asks for")
                .noneMatch(words -> words.contains("No page"));
        work.lacks = List.of(new Lack(A, "“How I work”: 0 words, it asks for 60 to 200"));
        assertThat(work.first().outcome()).isEqualTo(CheckLine.Outcome.BLOCKS);
        assertThat(work.first().mend()).isEqualTo(new CheckLine.ToBookPage(A));
    }
}
