package notchbook.app.handin;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.handin.HandInViews.AnswerView;
import notchbook.app.handin.HandInViews.SealedReflectionView;
import notchbook.app.handin.SealedViews.EarlierTextView;
import notchbook.app.handin.SealedViews.OwnMarkView;
import notchbook.app.handin.SealedViews.SealedCardView;
import notchbook.app.handin.SealedViews.SealedEntryView;
import notchbook.app.handin.SealedViews.SealedPageView;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaView;
import notchbook.core.notebook.Patterns;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Turns frozen work into what its readers are sent. */
@Component
class SealedMapper {
    private final SentMedia sent;
    private final JsonMapper mapper;

    SealedMapper(SentMedia sent, JsonMapper mapper) {
        this.sent = sent;
        this.mapper = mapper;
    }

    List<SealedPageView> pages(Frozen frozen) {
        var items = sent.byId(frozen.media());
        return frozen.pages().stream().map(page -> page(page, items)).toList();
    }

    List<SealedReflectionView> reflections(Frozen frozen) {
        return frozen.reflections().stream().map(SealedMapper::reflection).toList();
    }

    private SealedPageView page(Sealed.Page page, Map<UUID, MediaItem> items) {
        return new SealedPageView(
                page.id(),
                page.title(),
                page.day(),
                page.week(),
                page.pattern().orElse(Patterns.FREE),
                page.entries().stream().map(entry -> entry(entry, items)).toList());
    }

    private SealedEntryView entry(Sealed.Entry entry, Map<UUID, MediaItem> items) {
        return new SealedEntryView(
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
                        .map(card ->
                                new SealedCardView(card.title(), card.description(), card.site(), card.pictureId())),
                entry.own().stream()
                        .flatMap(own -> own.marks().stream())
                        .map(mark -> new OwnMarkView(mark.name(), mark.words()))
                        .toList(),
                entry.own().stream()
                        .flatMap(own -> own.earlier().stream())
                        .map(earlier -> new EarlierTextView(earlier.savedAt(), mapper.readTree(earlier.content())))
                        .toList(),
                entry.liesOn().isPresent());
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
                        .map(answer -> new AnswerView(
                                answer.question(),
                                answer.text(),
                                answer.words(),
                                answer.shown().orElse(List.of())))
                        .toList(),
                reflection.chosen());
    }
}
