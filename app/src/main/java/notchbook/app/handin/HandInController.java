package notchbook.app.handin;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.toList;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.entry.EntryKind;
import notchbook.app.handin.ChangesViews.ChangesView;
import notchbook.app.handin.HandInViews.AskedView;
import notchbook.app.handin.HandInViews.LineView;
import notchbook.app.handin.HandInViews.NextVersionView;
import notchbook.app.handin.HandInViews.PersonName;
import notchbook.app.handin.HandInViews.PlaceView;
import notchbook.app.handin.HandInViews.PreviewView;
import notchbook.app.handin.HandInViews.ReadyView;
import notchbook.app.handin.HandInViews.SealView;
import notchbook.app.handin.HandInViews.SealedView;
import notchbook.app.handin.HandInViews.UnaskedView;
import notchbook.app.handin.HandInViews.VersionView;
import notchbook.app.notebook.Pages;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.remark.RemarkView;
import notchbook.app.setwork.SetWorkMapper;
import notchbook.app.setwork.SetWorks;
import notchbook.core.handin.Fit;
import notchbook.core.handin.GoesAlong;
import notchbook.core.handin.Purpose;
import notchbook.core.handin.Readiness;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class HandInController {
    private final HandIns handIns;
    private final SetWorks setWorks;
    private final SetWorkMapper asked;
    private final Pages pages;
    private final HandInMapper mapper;
    private final SealedMapper sealed;
    private final VersionChanges changes;

    HandInController(
            HandIns handIns,
            SetWorks setWorks,
            SetWorkMapper asked,
            Pages pages,
            HandInMapper mapper,
            SealedMapper sealed,
            VersionChanges changes) {
        this.sealed = sealed;
        this.handIns = handIns;
        this.setWorks = setWorks;
        this.asked = asked;
        this.pages = pages;
        this.mapper = mapper;
        this.changes = changes;
    }

    record AlongBody(boolean marks, boolean cues, boolean earlier, boolean lookBacks) {
        GoesAlong along() {
            return new GoesAlong(marks, cues, earlier, lookBacks);
        }
    }

    /** What is sent, for which set work (unasked without one), by whom besides the sender, with what word, and how. */
    record SealBody(
            PickedView picked,
            Optional<UUID> setWorkId,
            Purpose purpose,
            List<UUID> with,
            String words,
            Optional<UUID> soundId,
            AlongBody along,
            boolean fitted,
            boolean withMissing) {
        HandIns.Wish wish(UUID id) {
            return new HandIns.Wish(id, picked.picked(), new HandIns.Aim(setWorkId, setWorkId.isEmpty()), manner());
        }

        private HandIns.Manner manner() {
            try {
                return new HandIns.Manner(purpose, with, new Word(words, soundId), along.along(), fitted, withMissing);
            } catch (IllegalArgumentException tooLong) {
                throw Refusal.unfit(tooLong.getMessage());
            }
        }
    }

    /** Everything that the reader is asked for or handed in for, with their own versions. */
    @GetMapping("/api/hand-ins")
    List<AskedView> asked(@AuthenticationPrincipal Person reader) {
        reader.requireStudent();
        var mine = handIns.by(reader);
        var works = setWorks.visibleTo(reader);
        var askedNoLonger = mine.stream()
                .flatMap(handIn -> handIn.to().setWorkId().stream())
                .distinct()
                .flatMap(id -> setWorks.find(id).stream())
                .filter(work -> works.stream().noneMatch(one -> one.id().equals(work.id())));
        return Stream.concat(works.stream(), askedNoLonger)
                .map(work -> {
                    var versions =
                            mine.stream().filter(handIn -> handIn.isFor(work)).toList();
                    return new AskedView(
                            asked.view(reader, work),
                            versions.stream().findFirst().map(HandIn::picked).map(PickedView::of),
                            mapper.views(versions));
                })
                .toList();
    }

    /** What the reader sent without being asked, the latest first. */
    @GetMapping("/api/hand-ins/unasked")
    List<UnaskedView> unasked(@AuthenticationPrincipal Person reader) {
        reader.requireStudent();
        var byWork = handIns.by(reader).stream()
                .filter(handIn -> handIn.to().setWorkId().isEmpty())
                .collect(groupingBy(HandIn::workId, LinkedHashMap::new, toList()));
        return byWork.values().stream()
                .map(versions -> new UnaskedView(
                        versions.getFirst().title(),
                        mapper.view(reader, versions.getFirst().to()),
                        PickedView.of(versions.getFirst().picked()),
                        mapper.views(versions)))
                .toList();
    }

    /** The check before a hand-in. */
    @GetMapping("/api/readiness")
    ReadyView readiness(
            @AuthenticationPrincipal Person reader,
            @ParameterObject PickedQuery picking,
            @RequestParam Optional<UUID> setWork,
            @RequestParam(defaultValue = "false") boolean unasked) {
        var picked = picking.picked();
        var ready = handIns.ready(reader, picked, new HandIns.Aim(setWork, unasked));
        var work = ready.work();
        var kinds = work.pieces().stream().map(entry -> entry.kind()).toList();
        return new ReadyView(
                PickedView.of(picked),
                work.notebook().id(),
                work.title(),
                mapper.view(reader, ready.to()),
                handIns.choices(reader, work).stream()
                        .map(one -> asked.view(reader, one))
                        .toList(),
                handIns.classmates(reader, ready.to().classId()).stream()
                        .map(person -> new PersonName(person.id(), person.fullName()))
                        .toList(),
                next(ready, Purpose.HAND_IN),
                next(ready, Purpose.DRAFT),
                (int) Readiness.missing(ready.lines()),
                ready.lines().stream()
                        .map(line -> new LineView(line.outcome(), line.words(), PlaceView.of(line.mend())))
                        .toList(),
                work.pages().size(),
                (int) kinds.stream().filter(EntryKind.PHOTO::equals).count(),
                (int) kinds.stream().filter(EntryKind.INK::equals).count(),
                (int) kinds.stream().filter(EntryKind::isPlayed).count(),
                ready.parts().stream().mapToLong(Fit.Part::bytes).sum(),
                Fit.into(Readiness.BUDGET_BYTES, ready.parts()).bytes());
    }

    private NextVersionView next(HandIns.Readying ready, Purpose purpose) {
        var last = ready.last(purpose);
        return new NextVersionView(
                last.map(mapper::view),
                ready.nextVersion(purpose),
                last.map(one -> one.state().isReturned()).orElse(true));
    }

    /** What would be sent now, exactly as its readers will see it. */
    @GetMapping("/api/readiness/preview")
    PreviewView preview(
            @AuthenticationPrincipal Person reader,
            @ParameterObject PickedQuery picking,
            @RequestParam(defaultValue = "false") boolean marks,
            @RequestParam(defaultValue = "false") boolean cues,
            @RequestParam(defaultValue = "false") boolean earlier,
            @RequestParam(defaultValue = "false") boolean lookBacks) {
        var frozen = handIns.preview(reader, picking.picked(), new GoesAlong(marks, cues, earlier, lookBacks));
        return new PreviewView(sealed.pages(frozen), sealed.reflections(frozen));
    }

    /** Seals what was picked and sends it, under the sender's own id. */
    @PutMapping("/api/hand-ins/{id}")
    VersionView seal(@AuthenticationPrincipal Person reader, @PathVariable UUID id, @RequestBody SealBody body) {
        return mapper.view(handIns.seal(reader, body.wish(id)));
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

    /** Whether the seal of a version holds. */
    @GetMapping("/api/hand-ins/{id}/seal")
    SealView seal(@AuthenticationPrincipal Person reader, @PathVariable UUID id) {
        return mapper.seal(handIns.require(reader, id));
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
}
