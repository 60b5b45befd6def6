package notchbook.app.handin;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.notebook.EntryContent;
import notchbook.app.notebook.EntryKind;
import notchbook.app.notebook.EntryWidth;
import notchbook.core.layer.Layer;
import notchbook.core.scan.SetPage;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;
import notchbook.formats.pdf.SectionSheet;
import notchbook.formats.voice.TakeJson;
import org.springframework.stereotype.Component;

/** Turns a frozen section into the sheet that its PDF is written from. */
@Component
class SectionSheets {
    private final Media media;

    SectionSheets(Media media) {
        this.media = media;
    }

    SectionSheet of(Frozen frozen, String version) {
        var items = media.findAll(frozen.media().values());
        return new SectionSheet(
                frozen.cover().title(),
                frozen.cover().student(),
                frozen.cover().notebook(),
                version,
                frozen.pages().stream().map(page -> page(page, items)).toList(),
                frozen.reflections().stream().map(SectionSheets::reflection).toList());
    }

    private SectionSheet.Page page(Sealed.Page page, Map<UUID, MediaItem> items) {
        var zones = new ArrayList<SectionSheet.ZoneOfPage>();
        page.byZone().forEach((zone, entries) -> {
            if (!entries.isEmpty()) {
                zones.add(new SectionSheet.ZoneOfPage(
                        zone,
                        entries.stream().flatMap(entry -> parts(entry, items)).toList()));
            }
        });
        return new SectionSheet.Page(
                page.title(),
                page.day(),
                page.week().map(week -> "Week " + week).orElse("Break"),
                zones);
    }

    /** An entry, or each page of its set by itself, with its name. */
    private Stream<SectionSheet.Entry> parts(Sealed.Entry entry, Map<UUID, MediaItem> items) {
        return entry.photoSet()
                .map(set -> set.pages().stream().map(page -> setPage(entry, page, items)))
                .orElseGet(() -> Stream.of(entry(entry, items)));
    }

    private SectionSheet.Entry setPage(Sealed.Entry entry, SetPage page, Map<UUID, MediaItem> items) {
        var caption = Stream.of(entry.caption(), page.name())
                .filter(words -> !words.isBlank())
                .collect(joining(": "));
        return new SectionSheet.Entry(
                photo(items.get(page.picture()), page.layer()), caption, width(entry.width()), entry.codes());
    }

    private SectionSheet.Entry entry(Sealed.Entry entry, Map<UUID, MediaItem> items) {
        return new SectionSheet.Entry(content(entry, items), entry.caption(), width(entry.width()), entry.codes());
    }

    private static SectionSheet.Width width(EntryWidth width) {
        return switch (width) {
            case FULL -> SectionSheet.Width.FULL;
            case HALF -> SectionSheet.Width.HALF;
            case THIRD -> SectionSheet.Width.THIRD;
        };
    }

    private SectionSheet.Content content(Sealed.Entry entry, Map<UUID, MediaItem> items) {
        return switch (entry.kind()) {
            case TYPED -> new SectionSheet.Typed(DocumentJson.read(entry.content()));
            case INK -> new SectionSheet.Ink(DrawingJson.read(entry.content()));
            case PHOTO -> photo(items.get(entry.mediaId().orElseThrow()), Optional.empty());
            case RECORDING, CLIP ->
                new SectionSheet.Recording(
                        entry.kind() == EntryKind.CLIP,
                        entry.mediaPath(),
                        items.get(entry.mediaId().orElseThrow()).seconds().orElse(0.0),
                        TakeJson.read(entry.content()).lines().words());
            case FILE ->
                new SectionSheet.Attached(
                        EntryContent.words(entry.kind(), entry.content()),
                        items.get(entry.mediaId().orElseThrow()).bytes());
            case LINK -> link(entry, items);
        };
    }

    private SectionSheet.Link link(Sealed.Entry entry, Map<UUID, MediaItem> items) {
        var card = entry.card();
        return new SectionSheet.Link(
                EntryContent.words(entry.kind(), entry.content()),
                card.map(Sealed.Card::title).orElse(""),
                card.map(Sealed.Card::description).orElse(""),
                card.flatMap(Sealed.Card::pictureId).map(items::get).map(picture -> photo(picture, Optional.empty())));
    }

    /** The picture for the screen is enough for print at the width of a page, and keeps the file small enough to send. */
    private SectionSheet.Photo photo(MediaItem item, Optional<Layer> layer) {
        return new SectionSheet.Photo(
                media.screenContent(item),
                "image/jpeg",
                item.width().orElse(1),
                item.height().orElse(1),
                layer);
    }

    private static SectionSheet.Reflection reflection(Sealed.Reflection reflection) {
        return new SectionSheet.Reflection(
                reflection.title(),
                reflection.answers().stream()
                        .map(answer -> new SectionSheet.Answer(answer.question(), answer.text()))
                        .toList(),
                reflection.chosen());
    }
}
