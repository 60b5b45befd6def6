package notchbook.app.handin;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.handin.HandInViews.AnswerView;
import notchbook.app.handin.HandInViews.SealView;
import notchbook.app.handin.HandInViews.SealedCardView;
import notchbook.app.handin.HandInViews.SealedEntryView;
import notchbook.app.handin.HandInViews.SealedPageView;
import notchbook.app.handin.HandInViews.SealedReflectionView;
import notchbook.app.handin.HandInViews.SealedView;
import notchbook.app.handin.HandInViews.SetWorkView;
import notchbook.app.handin.HandInViews.VersionView;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaView;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.remark.RemarkView;
import notchbook.app.remark.Remarks;
import notchbook.core.notebook.Patterns;
import notchbook.core.seal.SealKey;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Turns hand-ins into what screens are sent. */
@Component
class HandInMapper {
    private final HandInStore store;
    private final Remarks remarks;
    private final SealedVersions versions;
    private final SetWorkStore setWorks;
    private final People people;
    private final Media media;
    private final JsonMapper mapper;

    HandInMapper(
            HandInStore store,
            Remarks remarks,
            SealedVersions versions,
            SetWorkStore setWorks,
            People people,
            Media media,
            JsonMapper mapper) {
        this.store = store;
        this.remarks = remarks;
        this.versions = versions;
        this.setWorks = setWorks;
        this.people = people;
        this.media = media;
        this.mapper = mapper;
    }

    SetWorkView view(Person reader, SetWork work) {
        var className = people.classesOf(reader).stream()
                .filter(found -> found.id().equals(work.classId()))
                .map(SchoolClass::name)
                .findFirst()
                .orElse("");
        return new SetWorkView(
                work.id(),
                work.classId(),
                className,
                work.title(),
                work.instructions(),
                work.topicId(),
                work.due(),
                people.nameOf(work.setBy()));
    }

    VersionView view(HandIn handIn) {
        return new VersionView(
                handIn.id(),
                handIn.version(),
                handIn.state(),
                handIn.sealedAt(),
                handIn.missing(),
                remarks.on(List.of(handIn.id())).size());
    }

    List<RemarkView> remarks(HandIn handIn) {
        return remarks.views(remarks.on(List.of(handIn.id())), handIn.version());
    }

    /** A sealed version in full; every byte of it is read to tell whether the seal holds. */
    SealedView sealed(Person reader, HandIn handIn) {
        var frozen = versions.read(handIn);
        var broken = versions.broken(handIn);
        var items = media.findAll(frozen.media().values());
        return new SealedView(
                handIn.id(),
                handIn.title(),
                frozen.cover().student(),
                frozen.cover().notebook(),
                view(reader, setWorks.find(handIn.setWorkId()).orElseThrow()),
                handIn.sectionId(),
                handIn.version(),
                handIn.state(),
                handIn.sealedAt(),
                handIn.missing(),
                new SealView(
                        broken.isEmpty(),
                        handIn.digest(),
                        handIn.manifest().parts().size(),
                        broken,
                        versions.signed(handIn).map(signed -> SealKey.fingerprint(signed.publicKey()))),
                frozen.pages().stream().map(page -> page(page, items)).toList(),
                frozen.reflections().stream().map(HandInMapper::reflection).toList(),
                handIn.showsRemarksTo(reader) ? remarks(handIn) : List.of(),
                store.of(List.of(handIn.setWorkId())).stream()
                        .filter(version -> version.studentId().equals(handIn.studentId()))
                        .map(this::view)
                        .toList());
    }

    private SealedPageView page(Sealed.Page page, Map<UUID, MediaItem> items) {
        return new SealedPageView(
                page.id(),
                page.title(),
                page.day(),
                page.week(),
                page.pattern().orElse(Patterns.FREE),
                page.entries().stream()
                        .map(entry -> new SealedEntryView(
                                entry.id(),
                                entry.zone().orElse(""),
                                entry.beside(),
                                entry.kind(),
                                mapper.readTree(entry.content()),
                                entry.caption(),
                                entry.width(),
                                entry.codes(),
                                entry.mediaId()
                                        .flatMap(id -> Optional.ofNullable(items.get(id)))
                                        .map(MediaView::of),
                                pictures(entry, items),
                                entry.card()
                                        .map(card -> new SealedCardView(
                                                card.title(), card.description(), card.site(), card.pictureId()))))
                        .toList());
    }

    private static List<MediaView> pictures(Sealed.Entry entry, Map<UUID, MediaItem> items) {
        return entry.photoSet().stream()
                .flatMap(set -> set.pages().stream())
                .flatMap(page -> Optional.ofNullable(items.get(page.picture())).stream())
                .map(MediaView::of)
                .toList();
    }

    private static SealedReflectionView reflection(Sealed.Reflection reflection) {
        return new SealedReflectionView(
                reflection.title(),
                reflection.answers().stream()
                        .map(answer -> new AnswerView(answer.question(), answer.text(), answer.words()))
                        .toList(),
                reflection.chosen());
    }
}
