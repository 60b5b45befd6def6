package notchbook.app.contents;

import java.time.Instant;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.contents.ContentsViews.ContentsView;
import notchbook.app.contents.ContentsViews.FoundView;
import notchbook.app.contents.ContentsViews.NotebookView;
import notchbook.app.contents.ContentsViews.PageLine;
import notchbook.app.contents.ContentsViews.SectionView;
import notchbook.app.entry.EntryViews;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.CoverColour;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import notchbook.app.platform.SchoolClock;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.notebook.EvidenceKind;
import notchbook.core.notebook.Needle;
import notchbook.core.syllabus.ExamChoice;
import notchbook.core.syllabus.Tier;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class NotebookController {
    private final Notebooks notebooks;
    private final Bin bin;
    private final Contents contents;
    private final NotebookEntries entries;
    private final EntryViews views;
    private final Syllabi syllabi;
    private final SchoolYears years;
    private final SchoolClock clock;

    NotebookController(
            Notebooks notebooks,
            Bin bin,
            Contents contents,
            NotebookEntries entries,
            EntryViews views,
            Syllabi syllabi,
            SchoolYears years,
            SchoolClock clock) {
        this.notebooks = notebooks;
        this.bin = bin;
        this.contents = contents;
        this.entries = entries;
        this.views = views;
        this.syllabi = syllabi;
        this.years = years;
        this.clock = clock;
    }

    record NewNotebookBody(
            String title,
            Optional<UUID> editionId,
            int examYear,
            Tier tier,
            Optional<LocalDate> examDay,
            Optional<UUID> classId) {}

    record NotebookBody(String title, Optional<CoverColour> cover) {}

    record DeletedView(UUID id, BinStore.Kind kind, String name, Instant deletedAt) {}

    @GetMapping("/api/notebooks")
    List<NotebookView> notebooks(@AuthenticationPrincipal Person reader) {
        return notebooks.of(reader).stream()
                .map(notebook -> view(reader, notebook))
                .toList();
    }

    @PutMapping("/api/notebooks/{id}")
    NotebookView make(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody NewNotebookBody body) {
        var exam = new ExamChoice(body.examYear(), body.tier());
        return view(
                reader,
                notebooks.make(
                        reader,
                        new Notebooks.NewNotebook(
                                id, body.title(), body.editionId(), exam, body.examDay(), body.classId())));
    }

    @PatchMapping("/api/notebooks/{id}")
    NotebookView change(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody NotebookBody body) {
        return view(reader, notebooks.change(reader, id, body.title(), body.cover()));
    }

    /** The contents of a notebook: its sections and their pages. */
    @GetMapping("/api/notebooks/{id}")
    ContentsView contents(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var notebook = notebooks.require(reader, id);
        var edition = syllabi.edition(notebook.editionId(), notebook.id());
        var all = notebooks.pages(notebook);
        var counts = entries.counts(all);
        var missing = contents.missing(all);
        var perSection = new HashMap<UUID, Integer>();
        all.forEach(page -> perSection.merge(page.sectionId(), 1, Integer::sum));
        return new ContentsView(
                view(reader, notebook),
                notebooks.sections(notebook).stream()
                        .map(section -> new SectionView(
                                section.id(),
                                section.parent(),
                                section.title(),
                                Sections.code(section, edition),
                                section.position(),
                                perSection.getOrDefault(section.id(), 0),
                                section.topics(),
                                section.years().written(),
                                section.years().contains(notebook.exam().year()),
                                section.monday()))
                        .toList(),
                all.stream()
                        .map(page -> new PageLine(
                                page.id(),
                                page.sectionId(),
                                page.title(),
                                page.day(),
                                counts.getOrDefault(page.id(), 0),
                                missing.getOrDefault(page.id(), List.of())))
                        .toList());
    }

    /** Every entry that is notched to any (or to all) of these points or topics, in order of time. */
    @GetMapping("/api/notebooks/{id}/needle")
    List<FoundView> needle(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam Set<UUID> nodes,
            @RequestParam(defaultValue = "false") boolean all,
            @RequestParam(defaultValue = "") Set<EvidenceKind> kinds,
            @RequestParam Optional<LocalDate> from,
            @RequestParam Optional<LocalDate> to) {
        var notebook = notebooks.require(reader, id);
        var found = contents.needle(notebook, nodes, new Needle.Wish(all, kinds, from, to));
        var shown = views.of(reader.id(), found);
        var pageOf = new HashMap<UUID, Page>();
        notebooks.pages(notebook).forEach(page -> pageOf.put(page.id(), page));
        var sectionTitle = new HashMap<UUID, String>();
        notebooks.sections(notebook).forEach(section -> sectionTitle.put(section.id(), section.title()));
        var year = years.yearOf(clock.today());
        return IntStream.range(0, found.size())
                .mapToObj(i -> {
                    var entry = found.get(i);
                    var page = pageOf.get(entry.place().pageId());
                    var day = clock.dayOf(entry.madeAt());
                    var name = entry.name();
                    return new FoundView(
                            shown.get(i),
                            name,
                            day,
                            week(year.teachingWeekOf(day)),
                            page.title(),
                            sectionTitle.get(page.sectionId()));
                })
                .toList();
    }

    @GetMapping("/api/notebooks/{id}/bin")
    List<DeletedView> bin(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return bin.in(reader, id).stream()
                .map(deleted -> new DeletedView(deleted.id(), deleted.kind(), deleted.name(), deleted.deletedAt()))
                .toList();
    }

    @PostMapping("/api/notebooks/{id}/bin/{thing}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID thing) {
        bin.restore(reader, id, thing);
    }

    private NotebookView view(Person reader, Notebook notebook) {
        var edition = syllabi.requireInfo(reader, notebook.editionId());
        return new NotebookView(
                notebook.id(),
                notebook.title(),
                notebook.editionId(),
                edition.isBlank() ? edition.title() : edition.name(),
                !edition.isBlank(),
                notebook.classId(),
                notebook.exam().year(),
                notebook.exam().tier(),
                notebook.examDay(),
                notebook.cover());
    }

    private static Optional<Integer> week(OptionalInt number) {
        return number.isPresent() ? Optional.of(number.getAsInt()) : Optional.empty();
    }
}
