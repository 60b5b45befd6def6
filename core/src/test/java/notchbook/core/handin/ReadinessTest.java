package notchbook.core.handin;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.handin.CheckLine.Outcome;
import notchbook.core.handin.SectionWork.Answer;
import notchbook.core.handin.SectionWork.AskedPoint;
import notchbook.core.handin.SectionWork.ClosedLink;
import notchbook.core.handin.SectionWork.EntryWork;
import notchbook.core.handin.SectionWork.OpenRemark;
import notchbook.core.handin.SectionWork.PageWork;
import notchbook.core.handin.SectionWork.ReflectionWork;
import notchbook.core.handin.SectionWork.Unanswered;
import notchbook.core.handin.SectionWork.Unheard;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Gap;
import notchbook.core.notebook.Patterns;
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

    @Test
    void passesWorkThatIsWhole() {
        var lines = Readiness.check(work(page(entry(false, A, D)), reflection(60)));
        assertThat(lines).allMatch(line -> line.outcome() == Outcome.PASSES);
        assertThat(lines)
                .extracting(CheckLine::words)
                .contains("2.3a, 2.3d notched", "No empty entries", "Week 12 reflection in range");
    }

    @Test
    void blocksABarePointAndLeadsToIt() {
        assertThat(first(work(page(entry(false, A)), reflection(60))))
                .isEqualTo(
                        CheckLine.blocks("2.3d Uses of sonar has nothing notched", new CheckLine.ToPoint(D, "2.3d")));
    }

    @Test
    void countsAnEmptyEntryForNoPoint() {
        var lines = Readiness.check(work(page(entry(true, A, D)), reflection(60)));
        assertThat(lines).filteredOn(line -> line.outcome() == Outcome.BLOCKS).hasSize(3);
        assertThat(lines).contains(CheckLine.blocks("“Echo” on “Timing” is empty", new CheckLine.ToEntry(PAGE, ENTRY)));
    }

    @Test
    void blocksAnEmptyPage() {
        assertThat(words(work(new PageWork(PAGE, "Timing", List.of(), List.of()), reflection(60))))
                .contains("The page “Timing” is empty");
    }

    @Test
    void blocksAReflectionOutOfRange() {
        assertThat(first(work(page(entry(false, A, D)), reflection(49))))
                .isEqualTo(CheckLine.blocks(
                        "Week 12, first prompt: 49 words, it asks for 50 to 150", new CheckLine.ToReflection(12)));
    }

    @Test
    void warnsOfWorkNotchedNowhere() {
        var whole = new PageWork(
                PAGE,
                "Timing",
                List.of(entry(false, A, D), new EntryWork(D, "Wall", EvidenceKind.PHOTO, false, Set.of())),
                List.of());
        assertThat(words(work(whole, reflection(60)))).contains("“Wall” is notched nowhere");
    }

    @Test
    void warnsOfRemarksLeftAsTheyWere() {
        var work = beside(
                List.of(new OpenRemark(2, "How many?", Optional.of(PAGE), Optional.of(ENTRY))),
                List.of(),
                List.of(),
                0);
        assertThat(first(work))
                .isEqualTo(CheckLine.warns(
                        "Remark 2, “How many?”: nothing changed there, and it has no answer",
                        new CheckLine.ToEntry(PAGE, ENTRY)));
    }

    @Test
    void blocksWhatIsTooLargeToSend() {
        var work = beside(List.of(), List.of(), List.of(), Readiness.BUDGET_BYTES + 1);
        assertThat(Readiness.missing(Readiness.check(work))).isEqualTo(1);
    }

    @Test
    void blocksAZoneThatIsNotWhatItsPatternAsksFor() {
        var gap = new Gap(Patterns.OBSERVATION.zones().get(2), "has no drawing or photo");
        var page = new PageWork(PAGE, "Ripples", List.of(entry(false, A, D)), List.of(gap));
        assertThat(first(work(page, reflection(60))))
                .isEqualTo(
                        CheckLine.blocks("“Sketch” on “Ripples” has no drawing or photo", new CheckLine.ToPage(PAGE)));
    }

    @Test
    void warnsOfQuestionsStillOpen() {
        var work = beside(List.of(), List.of(new Unanswered(PAGE, ENTRY, "Does wind change it?")), List.of(), 0);
        assertThat(first(work))
                .isEqualTo(CheckLine.warns("Still open: Does wind change it?", new CheckLine.ToEntry(PAGE, ENTRY)));
    }

    @Test
    void warnsOfALinkThatCouldNotBeOpened() {
        var work = beside(List.of(), List.of(), List.of(new ClosedLink(PAGE, ENTRY, "tides.example/may")), 0);
        assertThat(first(work))
                .isEqualTo(CheckLine.warns(
                        "“tides.example/may” could not be opened; your teacher may not get in either",
                        new CheckLine.ToEntry(PAGE, ENTRY)));
    }

    @ParameterizedTest
    @CsvSource({"SILENT,is silent: nothing was recorded", "TOO_QUIET,is so quiet that it can hardly be heard"})
    void warnsOfARecordingThatCannotBeHeard(Audibility audibility, String words) {
        var sound = new Unheard(PAGE, ENTRY, "Why later", audibility);
        var work = new SectionWork(
                points(),
                List.of(page(entry(false, A, D))),
                List.of(reflection(60)),
                List.of(),
                List.of(),
                List.of(),
                List.of(sound),
                0);
        assertThat(first(work)).isEqualTo(CheckLine.warns("“Why later” " + words, new CheckLine.ToEntry(PAGE, ENTRY)));
    }

    /** Work that is whole, with something beside it that the checks are to say. */
    private static SectionWork beside(
            List<OpenRemark> remarks, List<Unanswered> questions, List<ClosedLink> links, long bytes) {
        return new SectionWork(
                points(),
                List.of(page(entry(false, A, D))),
                List.of(reflection(60)),
                remarks,
                questions,
                links,
                List.of(),
                bytes);
    }

    private static CheckLine first(SectionWork work) {
        return Readiness.check(work).getFirst();
    }

    private static List<String> words(SectionWork work) {
        return Readiness.check(work).stream().map(CheckLine::words).toList();
    }

    private static SectionWork work(PageWork page, ReflectionWork reflection) {
        return new SectionWork(
                points(), List.of(page), List.of(reflection), List.of(), List.of(), List.of(), List.of(), 1_000_000);
    }

    private static List<AskedPoint> points() {
        return List.of(new AskedPoint(A, "2.3a", "Echo as reflection"), new AskedPoint(D, "2.3d", "Uses of sonar"));
    }

    private static PageWork page(EntryWork entry) {
        return new PageWork(PAGE, "Timing", List.of(entry), List.of());
    }

    private static EntryWork entry(boolean isEmpty, UUID... notches) {
        return new EntryWork(ENTRY, "Echo", EvidenceKind.TYPED, isEmpty, Set.of(notches));
    }

    private static ReflectionWork reflection(int words) {
        return new ReflectionWork(12, List.of(new Answer(words, new WordRange(50, 150))));
    }
}
