package notchbook.app.handin;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.entry.EntryKind;
import notchbook.app.handin.ChangesViews.ChangesView;
import notchbook.app.handin.HandInViews.AskedView;
import notchbook.app.handin.HandInViews.LineView;
import notchbook.app.handin.HandInViews.PlaceView;
import notchbook.app.handin.HandInViews.ReadyView;
import notchbook.app.handin.HandInViews.SealedView;
import notchbook.app.handin.HandInViews.VersionView;
import notchbook.app.notebook.Pages;
import notchbook.app.people.Person;
import notchbook.app.platform.Download;
import notchbook.app.remark.RemarkView;
import notchbook.core.handin.Readiness;
import notchbook.formats.pdf.PaperSize;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

@RestController
class HandInController {
    private final HandIns handIns;
    private final SetWorks setWorks;
    private final Pages pages;
    private final HandInMapper mapper;
    private final VersionChanges changes;

    HandInController(HandIns handIns, SetWorks setWorks, Pages pages, HandInMapper mapper, VersionChanges changes) {
        this.handIns = handIns;
        this.setWorks = setWorks;
        this.pages = pages;
        this.mapper = mapper;
        this.changes = changes;
    }

    record SealBody(UUID sectionId, UUID setWorkId, boolean withMissing) {}

    /** Everything that the reader's classes were asked for, with their own versions. */
    @GetMapping("/api/hand-ins")
    List<AskedView> asked(@AuthenticationPrincipal Person reader) {
        reader.requireStudent();
        var mine = handIns.by(reader);
        return setWorks.visibleTo(reader).stream()
                .map(work -> {
                    var versions = mine.stream()
                            .filter(handIn -> handIn.setWorkId().equals(work.id()))
                            .toList();
                    return new AskedView(
                            mapper.view(reader, work),
                            versions.stream().findFirst().map(HandIn::sectionId),
                            versions.stream().map(mapper::view).toList());
                })
                .toList();
    }

    /** The check before a hand-in. */
    @GetMapping("/api/sections/{id}/readiness")
    ReadyView readiness(
            @AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestParam Optional<UUID> setWork) {
        var ready = handIns.ready(reader, id, setWork);
        var kinds =
                ready.section().entries().stream().map(entry -> entry.kind()).toList();
        return new ReadyView(
                id,
                ready.section().notebook().id(),
                ready.section().section().title(),
                mapper.view(reader, ready.setWork()),
                handIns.choices(reader, ready.section()).stream()
                        .map(work -> mapper.view(reader, work))
                        .toList(),
                ready.last().map(mapper::view),
                ready.nextVersion(),
                ready.last().map(last -> last.state().isReturned()).orElse(true),
                (int) Readiness.missing(ready.lines()),
                ready.lines().stream()
                        .map(line -> new LineView(line.outcome(), line.words(), PlaceView.of(line.mend())))
                        .toList(),
                ready.section().pages().size(),
                (int) kinds.stream().filter(EntryKind.PHOTO::equals).count(),
                (int) kinds.stream().filter(EntryKind.INK::equals).count(),
                (int) kinds.stream().filter(EntryKind::isPlayed).count(),
                ready.bytes());
    }

    /** Seals a section and sends it, under the sender's own id. */
    @PutMapping("/api/hand-ins/{id}")
    VersionView seal(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SealBody body) {
        return mapper.view(
                handIns.seal(reader, new HandIns.Wish(id, body.sectionId(), body.setWorkId(), body.withMissing())));
    }

    @DeleteMapping("/api/hand-ins/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        handIns.takeBack(reader, id);
    }

    /** A sealed version with its remarks, for the student who made it and the teachers it went to. */
    @GetMapping("/api/hand-ins/{id}")
    SealedView sealed(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return mapper.sealed(reader, handIns.require(reader, id));
    }

    /** The remarks on a page in the latest version that came back with it. */
    @GetMapping("/api/pages/{id}/remarks")
    List<RemarkView> remarks(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        pages.require(reader, id);
        return handIns.by(reader).stream()
                .filter(handIn -> handIn.state().isReturned())
                .sorted(Comparator.comparing(HandIn::sealedAt).reversed())
                .map(handIn -> mapper.remarks(handIn).stream()
                        .filter(remark -> remark.pageId().equals(Optional.of(id)))
                        .toList())
                .filter(found -> !found.isEmpty())
                .findFirst()
                .orElse(List.of());
    }

    /** What changed from another version of the same work to this one, and what became of the remarks on it. */
    @GetMapping("/api/hand-ins/{id}/changes")
    ChangesView changes(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestParam UUID since) {
        return changes.between(reader, handIns.require(reader, since), handIns.require(reader, id));
    }

    record AnswerBody(String words) {}

    /** Keeps what the student says to a remark; blank takes it back. */
    @PutMapping("/api/remarks/{id}/answer")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void answer(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody AnswerBody body) {
        handIns.answer(reader, id, body.words());
    }

    @GetMapping("/api/hand-ins/{id}/pdf")
    ResponseEntity<byte[]> pdf(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PaperSize paper) {
        return pdf(handIns.require(reader, id).title(), handIns.pdf(reader, id, new Print(paper, origin())));
    }

    @GetMapping("/api/sections/{id}/pdf")
    ResponseEntity<byte[]> draftPdf(
            @AuthenticationPrincipal Person reader,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") PaperSize paper) {
        return pdf("section", handIns.draftPdf(reader, id, new Print(paper, origin())));
    }

    private static ResponseEntity<byte[]> pdf(String title, byte[] content) {
        return Download.of(title, "pdf", MediaType.APPLICATION_PDF, content);
    }

    /** The address that this school is reached at, as this reader typed it. */
    private static String origin() {
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}
