package notchbook.core.handin;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.handin.CheckLine.Outcome;
import notchbook.core.handin.CheckLine.ToEntry;
import notchbook.core.handin.CheckLine.ToPage;
import notchbook.core.handin.CheckLine.ToPoint;
import notchbook.core.handin.CheckLine.ToReflection;
import notchbook.core.voice.Audibility;

/** The checks before a hand-in (docs/rules.md, Ready to hand in). Lines that block come first, then warnings, then what passes. */
public final class Readiness {
    /** What a school's mail and a teacher's patience still take in one piece, in bytes. */
    static final long BUDGET_BYTES = 100_000_000;

    private static final String[] ORDINALS = {"first", "second", "third", "fourth", "fifth"};

    private final SectionWork work;
    private final List<CheckLine> lines = new ArrayList<>();

    private Readiness(SectionWork work) {
        this.work = work;
    }

    public static List<CheckLine> check(SectionWork work) {
        var readiness = new Readiness(work);
        readiness.checkPages();
        readiness.checkPoints();
        readiness.checkEntries();
        readiness.checkPatterns();
        readiness.checkQuestions();
        readiness.checkLinks();
        readiness.checkSounds();
        readiness.checkReflections();
        readiness.checkRemarks();
        readiness.checkSize();
        return readiness.lines.stream()
                .sorted(comparing(CheckLine::outcome).reversed())
                .toList();
    }

    /** How many things are missing: the lines that block. */
    public static long missing(List<CheckLine> lines) {
        return lines.stream().filter(line -> line.outcome() == Outcome.BLOCKS).count();
    }

    private void checkPages() {
        if (work.pages().isEmpty()) {
            lines.add(CheckLine.blocks("This section has no pages yet", new CheckLine.Nowhere()));
        }
        work.pages().stream()
                .filter(page -> page.entries().isEmpty())
                .forEach(page ->
                        lines.add(CheckLine.blocks("The page “" + page.title() + "” is empty", new ToPage(page.id()))));
    }

    private void checkPoints() {
        var covered = coveredPoints();
        work.points().stream()
                .filter(point -> !covered.contains(point.id()))
                .forEach(point -> lines.add(CheckLine.blocks(
                        point.code() + " " + point.statement() + " has nothing notched",
                        new ToPoint(point.id(), point.code()))));
        var notched = work.points().stream()
                .filter(point -> covered.contains(point.id()))
                .map(SectionWork.AskedPoint::code)
                .toList();
        if (!notched.isEmpty()) {
            lines.add(CheckLine.passes(notched.stream().collect(joining(", ")) + " notched"));
        }
    }

    private Set<UUID> coveredPoints() {
        var covered = new HashSet<UUID>();
        entries().filter(entry -> !entry.isEmpty()).forEach(entry -> covered.addAll(entry.notches()));
        return covered;
    }

    private void checkEntries() {
        for (var page : work.pages()) {
            for (var entry : page.entries()) {
                var place = new ToEntry(page.id(), entry.id());
                if (entry.isEmpty()) {
                    lines.add(CheckLine.blocks("“" + entry.name() + "” on “" + page.title() + "” is empty", place));
                } else if (entry.notches().isEmpty()) {
                    lines.add(CheckLine.warns("“" + entry.name() + "” is notched nowhere", place));
                }
            }
        }
        if (entries().findAny().isPresent() && entries().noneMatch(SectionWork.EntryWork::isEmpty)) {
            lines.add(CheckLine.passes("No empty entries"));
        }
    }

    private void checkPatterns() {
        for (var page : work.pages()) {
            page.gaps()
                    .forEach(gap -> lines.add(CheckLine.blocks(
                            "“%s” on “%s” %s".formatted(gap.zone().title(), page.title(), gap.words()),
                            new ToPage(page.id()))));
        }
    }

    private void checkQuestions() {
        work.questions()
                .forEach(question -> lines.add(CheckLine.warns(
                        "Still open: " + question.words(), new ToEntry(question.page(), question.entry()))));
    }

    private void checkLinks() {
        work.closedLinks()
                .forEach(link -> lines.add(CheckLine.warns(
                        "“" + link.name() + "” could not be opened; your teacher may not get in either",
                        new ToEntry(link.page(), link.entry()))));
    }

    private void checkSounds() {
        work.unheard()
                .forEach(sound -> lines.add(CheckLine.warns(
                        "“" + sound.name() + "” "
                                + (sound.audibility() == Audibility.SILENT
                                        ? "is silent: nothing was recorded"
                                        : "is so quiet that it can hardly be heard"),
                        new ToEntry(sound.page(), sound.entry()))));
    }

    private void checkReflections() {
        if (work.reflections().isEmpty()) {
            lines.add(CheckLine.warns("No weekly reflection looks back on this section", new CheckLine.Nowhere()));
        }
        for (var reflection : work.reflections()) {
            var answers = reflection.answers();
            var place = new ToReflection(reflection.week());
            for (var i = 0; i < answers.size(); i++) {
                checkAnswer(reflection.week(), i, answers.get(i), place);
            }
            if (answers.stream().allMatch(answer -> answer.range().contains(answer.words()))) {
                lines.add(CheckLine.passes("Week " + reflection.week() + " reflection in range"));
            }
        }
    }

    private void checkAnswer(int week, int index, SectionWork.Answer answer, ToReflection place) {
        if (!answer.range().contains(answer.words())) {
            lines.add(CheckLine.blocks(
                    "Week %d, %s prompt: %d words, it asks for %d to %d"
                            .formatted(
                                    week,
                                    ORDINALS[index],
                                    answer.words(),
                                    answer.range().least(),
                                    answer.range().most()),
                    place));
        }
    }

    private void checkRemarks() {
        for (var remark : work.remarks()) {
            var place = remark.page().isPresent() && remark.entry().isPresent()
                    ? new ToEntry(remark.page().get(), remark.entry().get())
                    : new CheckLine.Nowhere();
            lines.add(CheckLine.warns(
                    "Remark %d, “%s”: nothing changed there, and it has no answer"
                            .formatted(remark.number(), remark.gist()),
                    place));
        }
    }

    private void checkSize() {
        var size = String.format(Locale.ROOT, "%.1f MB of %d MB", work.bytes() / 1e6, BUDGET_BYTES / 1_000_000);
        lines.add(
                work.bytes() <= BUDGET_BYTES
                        ? CheckLine.passes("Size: " + size)
                        : CheckLine.blocks("Too large to send: " + size, new CheckLine.Nowhere()));
    }

    private Stream<SectionWork.EntryWork> entries() {
        return work.pages().stream().flatMap(page -> page.entries().stream());
    }
}
