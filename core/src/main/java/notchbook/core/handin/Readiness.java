package notchbook.core.handin;

import static java.util.Comparator.comparing;
import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;

import java.time.LocalDate;
import java.time.format.TextStyle;
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
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.voice.Audibility;

/** The checks before a hand-in (docs/rules.md, Ready to hand in). Lines that block come first, then warnings, then what passes. */
public final class Readiness {
    /** What a school's mail and a teacher's patience still take in one piece, in bytes. */
    public static final long BUDGET_BYTES = 100_000_000;

    /** How many of the largest parts are named where a hand-in is too large. */
    private static final int LARGEST_NAMED = 3;

    private final Work work;
    private final List<CheckLine> lines = new ArrayList<>();

    private Readiness(Work work) {
        this.work = work;
    }

    public static List<CheckLine> check(Work work) {
        var readiness = new Readiness(work);
        readiness.checkPages();
        readiness.checkBook();
        readiness.checkDays();
        readiness.checkPoints();
        readiness.checkKinds();
        readiness.checkWords();
        readiness.checkEntries();
        readiness.checkPatterns();
        readiness.checkQuestions();
        readiness.checkLinks();
        readiness.checkSounds();
        readiness.checkPictures();
        readiness.checkSources();
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
        if (work.pages().isEmpty() && work.scope().isKeyed()) {
            var words = work.scope() == Scope.SECTION ? "This section has no pages yet" : "No page is chosen";
            lines.add(CheckLine.blocks(words, new CheckLine.Nowhere()));
        }
        work.pages().stream()
                .filter(page -> page.entries().isEmpty())
                .forEach(page ->
                        lines.add(CheckLine.blocks("The page “" + page.title() + "” is empty", new ToPage(page.id()))));
    }

    private void checkBook() {
        work.lacks().forEach(lack -> lines.add(CheckLine.blocks(lack.words(), new CheckLine.ToBookPage(lack.page()))));
        if (work.scope() == Scope.BOOK && work.lacks().isEmpty()) {
            lines.add(CheckLine.passes("Every page of the book has what it asks for"));
        }
    }

    /** Pages are read in the order in which they stand; one that is older than the one before it may be in the wrong place. */
    private void checkDays() {
        for (var i = 1; i < work.pages().size(); i++) {
            var before = work.pages().get(i - 1);
            var page = work.pages().get(i);
            if (page.day().isBefore(before.day())) {
                lines.add(CheckLine.warns(
                        "“%s” of %s stands after “%s” of %s"
                                .formatted(page.title(), day(page.day()), before.title(), day(before.day())),
                        new ToPage(page.id())));
            }
        }
    }

    private static String day(LocalDate day) {
        return day.getDayOfMonth() + " " + day.getMonth().getDisplayName(TextStyle.SHORT, Locale.UK);
    }

    private void checkKinds() {
        var there = entries()
                .filter(entry -> !entry.isEmpty())
                .map(Work.EntryWork::kind)
                .collect(toSet());
        var asked = work.asked().kinds().stream().sorted().toList();
        asked.stream()
                .filter(kind -> !there.contains(kind))
                .forEach(kind -> lines.add(
                        CheckLine.blocks("Asked for, and not there yet: " + name(kind), new CheckLine.Nowhere())));
        if (!asked.isEmpty() && there.containsAll(asked)) {
            lines.add(CheckLine.passes("Every kind that was asked for: "
                    + asked.stream().map(Readiness::name).collect(joining(", "))));
        }
    }

    private static String name(EvidenceKind kind) {
        return switch (kind) {
            case TYPED -> "typed text";
            case HANDWRITTEN -> "a drawing or handwriting";
            case PHOTO -> "a photo";
            case RECORDING -> "a recording";
            case REFLECTION -> "a reflection";
            case ATTACHED -> "a file or a link";
        };
    }

    private void checkWords() {
        work.asked().words().ifPresent(range -> {
            var words = entries().mapToInt(Work.EntryWork::words).sum();
            var line = "%d typed words, it asks for %d to %d".formatted(words, range.least(), range.most());
            lines.add(range.contains(words) ? CheckLine.passes(line) : CheckLine.blocks(line, new CheckLine.Nowhere()));
        });
    }

    private void checkPictures() {
        work.pictures()
                .forEach(picture -> lines.add(CheckLine.warns(
                        "“" + picture.name() + "” "
                                + (picture.trouble() == Work.Unfit.Trouble.SIDEWAYS
                                        ? "lies on its side"
                                        : "has not been read yet: its words can't be found"),
                        new ToEntry(picture.page(), picture.entry()))));
    }

    private void checkSources() {
        work.sources()
                .nameless()
                .forEach(words -> lines.add(CheckLine.warns(
                        "“" + words.name() + "” has words of a source that is named nowhere",
                        new ToEntry(words.page(), words.entry()))));
        if (work.asked().isWithSources() && work.sources().named() == 0) {
            lines.add(CheckLine.blocks("Sources were asked for, and none is named", new CheckLine.Nowhere()));
        } else if (work.sources().named() > 0) {
            lines.add(CheckLine.passes(
                    work.sources().named() == 1
                            ? "1 source named"
                            : work.sources().named() + " sources named"));
        }
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
                .map(Work.AskedPoint::code)
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
        if (entries().findAny().isPresent() && entries().noneMatch(Work.EntryWork::isEmpty)) {
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
        if (work.reflections().isEmpty() && work.scope() == Scope.SECTION) {
            lines.add(CheckLine.warns("No weekly reflection looks back on this section", new CheckLine.Nowhere()));
        }
        for (var reflection : work.reflections()) {
            var answers = reflection.answers();
            var place = new ToReflection(reflection.week());
            answers.forEach(answer -> answer.lack()
                    .map(lack -> "Week %d, “%s”: %s".formatted(reflection.week(), answer.question(), lack))
                    .ifPresent(words -> lines.add(CheckLine.blocks(words, place))));
            if (answers.stream().allMatch(answer -> answer.lack().isEmpty())) {
                lines.add(CheckLine.passes("Week " + reflection.week() + " reflection in range"));
            }
        }
    }

    private void checkRemarks() {
        var remarked = work.remarks();
        if (remarked.count() > 0 && remarked.open().isEmpty()) {
            lines.add(CheckLine.passes("Something was done to every remark on version " + remarked.version()));
        }
        for (var remark : remarked.open()) {
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
        var bytes = Fit.total(work.parts());
        var size = megabytes(bytes) + " of " + BUDGET_BYTES / 1_000_000 + " MB";
        if (bytes <= BUDGET_BYTES) {
            lines.add(CheckLine.passes("Size: " + size));
            return;
        }
        var largest = work.parts().stream()
                .sorted(comparing(Fit.Part::bytes).reversed())
                .limit(LARGEST_NAMED)
                .map(part -> "“" + part.name() + "” " + megabytes(part.bytes()))
                .collect(joining(", "));
        var canFit = Fit.into(BUDGET_BYTES, work.parts()).fits(BUDGET_BYTES);
        lines.add(CheckLine.blocks(
                "Too large to send: " + size + ". Largest: " + largest,
                canFit ? new CheckLine.MakeFit() : new CheckLine.Nowhere()));
    }

    private static String megabytes(long bytes) {
        return String.format(Locale.ROOT, "%.1f MB", bytes / 1e6);
    }

    private Stream<Work.EntryWork> entries() {
        return work.pages().stream().flatMap(page -> page.entries().stream());
    }
}
