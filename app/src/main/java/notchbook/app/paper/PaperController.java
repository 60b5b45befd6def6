package notchbook.app.paper;

import java.io.IOException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.platform.Refusal;
import notchbook.core.paper.PaperDone;
import notchbook.core.paper.PaperName;
import notchbook.core.paper.PaperRun;
import notchbook.core.paper.PastPaper;
import notchbook.core.paper.QuestionMark;
import notchbook.core.paper.TopicTrend;
import notchbook.core.syllabus.Edition;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

@RestController
class PaperController {
    /** A list of papers is small. In bytes. */
    private static final long LARGEST_FILE = 2_000_000;

    private final Papers papers;

    PaperController(Papers papers) {
        this.papers = papers;
    }

    /** Marks for a question, or for a topic at once when the question is empty. */
    record QuestionView(String question, UUID topic, double marks, double outOf) {}

    record DoneView(
            LocalDate day,
            Optional<Double> marks,
            Optional<Double> outOf,
            Optional<Integer> minutes,
            List<QuestionView> parts) {}

    /** A paper; {@code share} of its marks is from 0 to 1. */
    record PaperView(
            UUID id,
            String name,
            Optional<Integer> year,
            String sitting,
            String variant,
            String paper,
            Optional<DoneView> done,
            Optional<Double> share,
            Optional<UUID> paperFile,
            Optional<UUID> scriptFile) {}

    record TrendMarkView(LocalDate day, double share) {}

    record TrendView(
            UUID topic, String code, String title, TopicTrend.Direction direction, List<TrendMarkView> marks) {}

    record PapersView(List<PaperView> papers, List<TrendView> trends) {}

    record PaperBody(
            Optional<Integer> year,
            String sitting,
            String variant,
            String paper,
            Optional<DoneView> done,
            Optional<UUID> paperFile,
            Optional<UUID> scriptFile) {}

    record RunBody(int firstYear, int lastYear, List<String> sittings, List<String> papers, List<String> variants) {}

    @GetMapping("/api/notebooks/{id}/papers")
    PapersView papers(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        var kept = papers.in(reader, id);
        var edition = papers.edition(reader, id);
        return new PapersView(
                kept.stream().map(PaperController::view).toList(),
                TopicTrend.of(kept.stream().map(KeptPaper::paper).toList()).stream()
                        .flatMap(trend -> view(trend, edition).stream())
                        .sorted(Comparator.comparing(TrendView::code))
                        .toList());
    }

    @PutMapping("/api/notebooks/{id}/papers/{paper}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @PathVariable UUID paper,
            @RequestBody PaperBody body) {
        var name = new PaperName(body.year(), body.sitting(), body.variant(), body.paper());
        papers.keep(
                reader,
                id,
                new KeptPaper(
                        new PastPaper(paper, name, body.done().map(PaperController::done)),
                        body.paperFile(),
                        body.scriptFile()));
    }

    @DeleteMapping("/api/notebooks/{id}/papers/{paper}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @PathVariable UUID paper) {
        papers.delete(reader, id, paper);
    }

    @PostMapping("/api/notebooks/{id}/papers")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setUp(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody RunBody body) {
        papers.setUp(
                reader,
                id,
                new PaperRun(body.firstYear(), body.lastYear(), body.sittings(), body.papers(), body.variants()));
    }

    @GetMapping("/api/notebooks/{id}/papers.csv")
    ResponseEntity<byte[]> write(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return Download.csv("Past papers", papers.write(reader, id));
    }

    @PostMapping(path = "/api/notebooks/{id}/papers.csv", consumes = "multipart/form-data")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void read(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestPart MultipartFile file)
            throws IOException {
        if (file.getSize() > LARGEST_FILE) {
            throw Refusal.unfit(
                    "This file is larger than 2 MB. A list of papers is a small table: is it the right file?");
        }
        papers.read(reader, id, file.getBytes());
    }

    private static PaperView view(KeptPaper kept) {
        var name = kept.paper().name();
        var share = kept.paper().done().map(PaperDone::share).orElse(OptionalDouble.empty());
        return new PaperView(
                kept.paper().id(),
                name.words(),
                name.year(),
                name.sitting(),
                name.variant(),
                name.paper(),
                kept.paper().done().map(PaperController::view),
                boxed(share),
                kept.paperFile(),
                kept.scriptFile());
    }

    private static DoneView view(PaperDone done) {
        return new DoneView(
                done.day(),
                boxed(done.marks()),
                boxed(done.outOf()),
                done.minutes(),
                done.parts().stream()
                        .map(part -> new QuestionView(part.question(), part.topic(), part.marks(), part.outOf()))
                        .toList());
    }

    private static Optional<TrendView> view(TopicTrend trend, Edition edition) {
        return edition.find(trend.topic())
                .map(topic -> new TrendView(
                        topic.id(),
                        topic.code(),
                        topic.title(),
                        trend.direction(),
                        trend.marks().stream()
                                .map(mark -> new TrendMarkView(mark.day(), mark.share()))
                                .toList()));
    }

    private static PaperDone done(DoneView view) {
        return new PaperDone(
                view.day(),
                unboxed(view.marks()),
                unboxed(view.outOf()),
                view.minutes(),
                view.parts().stream()
                        .map(part ->
                                new QuestionMark(part.question().strip(), part.topic(), part.marks(), part.outOf()))
                        .toList());
    }

    private static Optional<Double> boxed(OptionalDouble value) {
        return value.isPresent() ? Optional.of(value.getAsDouble()) : Optional.empty();
    }

    private static OptionalDouble unboxed(Optional<Double> value) {
        return value.map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }
}
