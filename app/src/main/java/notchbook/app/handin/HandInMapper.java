package notchbook.app.handin;

import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.joining;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import notchbook.app.handin.HandInViews.AddressedView;
import notchbook.app.handin.HandInViews.LevelView;
import notchbook.app.handin.HandInViews.SealView;
import notchbook.app.handin.HandInViews.SealedView;
import notchbook.app.handin.HandInViews.VersionView;
import notchbook.app.media.Media;
import notchbook.app.media.MediaView;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.remark.Remark;
import notchbook.app.remark.RemarkView;
import notchbook.app.remark.Remarks;
import notchbook.app.setwork.SetWorkMapper;
import notchbook.app.setwork.SetWorkView;
import notchbook.app.setwork.SetWorks;
import notchbook.core.seal.SealKey;
import notchbook.core.setwork.Criteria;
import org.springframework.stereotype.Component;

/** Turns hand-ins into what screens are sent. */
@Component
class HandInMapper {
    private final HandInStore store;
    private final Remarks remarks;
    private final SealedVersions versions;
    private final SealedMapper sealed;
    private final SetWorks setWorks;
    private final SetWorkMapper asked;
    private final LevelStore levels;
    private final People people;
    private final Media media;

    HandInMapper(
            HandInStore store,
            Remarks remarks,
            SealedVersions versions,
            SealedMapper sealed,
            SetWorks setWorks,
            SetWorkMapper asked,
            LevelStore levels,
            People people,
            Media media) {
        this.store = store;
        this.remarks = remarks;
        this.versions = versions;
        this.sealed = sealed;
        this.setWorks = setWorks;
        this.asked = asked;
        this.levels = levels;
        this.people = people;
        this.media = media;
    }

    AddressedView view(Person reader, Addressed to) {
        var setWork = to.setWorkId().flatMap(setWorks::find).map(work -> asked.view(reader, work));
        var teacher = setWork.map(SetWorkView::teacher).orElseGet(() -> people.teachersOf(to.classId()).stream()
                .map(Person::fullName)
                .collect(joining(" and ")));
        return new AddressedView(to.classId(), asked.className(reader, to.classId()), teacher, setWork);
    }

    VersionView view(HandIn handIn) {
        return views(List.of(handIn)).getFirst();
    }

    /** Versions with how many remarks each has. */
    List<VersionView> views(List<HandIn> handIns) {
        var said = remarks.on(handIns.stream().map(HandIn::id).toList()).stream()
                .collect(groupingBy(Remark::handInId, counting()));
        return handIns.stream()
                .map(handIn -> new VersionView(
                        handIn.id(),
                        handIn.purpose(),
                        handIn.version(),
                        handIn.state(),
                        handIn.sealedAt(),
                        handIn.missing(),
                        said.getOrDefault(handIn.id(), 0L).intValue(),
                        handIn.word().words(),
                        handIn.word().soundId().isPresent()))
                .toList();
    }

    List<RemarkView> remarks(HandIn handIn) {
        return remarks.views(remarks.on(List.of(handIn.id())), handIn.version());
    }

    /** Whether the seal of a version holds; every byte of it is read for that. */
    SealView seal(HandIn handIn) {
        var broken = versions.broken(handIn);
        return new SealView(
                broken.isEmpty(),
                handIn.digest(),
                store.manifest(handIn.id()).parts().size(),
                broken,
                versions.signed(handIn).map(signed -> SealKey.fingerprint(signed.publicKey())),
                versions.isSealedElsewhere(handIn));
    }

    /** A sealed version in full. */
    SealedView sealed(Person reader, HandIn handIn) {
        var frozen = versions.read(handIn);
        var to = view(reader, handIn.to());
        var isToldAll = handIn.showsRemarksTo(reader);
        var chosen = isToldAll
                ? levels.of(List.of(handIn.id())).getOrDefault(handIn.id(), Map.of())
                : Map.<Integer, Integer>of();
        return new SealedView(
                handIn.id(),
                handIn.title(),
                frozen.cover().student(),
                frozen.cover().notebook(),
                Optional.of(handIn.notebookId()).filter(id -> handIn.studentId().equals(reader.id())),
                to,
                PickedView.of(handIn.picked()),
                handIn.purpose(),
                handIn.version(),
                handIn.state(),
                handIn.sealedAt(),
                handIn.missing(),
                handIn.word().words(),
                handIn.word().soundId().flatMap(media::find).map(MediaView::of),
                sealed.pages(frozen),
                sealed.reflections(frozen),
                isToldAll ? remarks(handIn) : List.of(),
                chosen.entrySet().stream()
                        .map(level -> new LevelView(level.getKey(), level.getValue()))
                        .sorted(Comparator.comparing(LevelView::criterion))
                        .toList(),
                figures(to.setWork(), chosen),
                views(store.ofWork(handIn.workId())));
    }

    static Criteria.Figures figures(Optional<SetWorkView> setWork, Map<Integer, Integer> chosen) {
        return new Criteria(setWork.map(SetWorkView::criteria).orElse(List.of())).figures(chosen);
    }
}
