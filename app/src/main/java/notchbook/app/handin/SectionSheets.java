package notchbook.app.handin;

import static java.util.stream.Collectors.joining;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import notchbook.app.entry.EntryContent;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryWidth;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaPath;
import notchbook.core.layer.Layer;
import notchbook.core.scan.SetPage;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;
import notchbook.formats.sheet.SectionSheet;
import notchbook.formats.sheet.SectionSheet.MediaFile;
import notchbook.formats.voice.TakeJson;
import org.springframework.stereotype.Component;

/** Turns a frozen section into the sheet that its PDF is written from. */
@Component
class SectionSheets {
    private final Media media;
    private final SentMedia sent;

    SectionSheets(Media media, SentMedia sent) {
        this.media = media;
        this.sent = sent;
    }

    /** {@code addressOf} says where a page can be opened, for what paper can't play. */
    SectionSheet of(Frozen frozen, String version, UnaryOperator<String> addressOf) {
        var items = sent.byId(frozen.media());
        var files = files(frozen, items);
        return new SectionSheet(
                frozen.cover().title(),
                frozen.cover().student(),
                frozen.cover().notebook(),
                version,
                frozen.pages().stream()
                        .map(page -> page(
                                page,
                                new Around(
                                        items, files, addressOf.apply(page.id().toString()))))
                        .toList(),
                frozen.reflections().stream().map(SectionSheets::reflection).toList());
    }

    /** What stands around an entry: the media of its section, those that go along as files, and where its page can be opened. */
    private record Around(Map<UUID, MediaItem> items, Map<UUID, MediaFile> files, String address) {
        Optional<MediaFile> fileOf(Sealed.Entry entry) {
            return entry.mediaId().map(files::get);
        }
    }

    /** Sounds, clips and files, each under its number and what it is called. */
    private Map<UUID, MediaFile> files(Frozen frozen, Map<UUID, MediaItem> items) {
        var files = new HashMap<UUID, MediaFile>();
        for (var page : frozen.pages()) {
            for (var entry : page.entries()) {
                if (entry.kind().isPlayed() || entry.kind() == EntryKind.FILE) {
                    var item = items.get(entry.mediaId().orElseThrow());
                    files.putIfAbsent(item.id(), file(files.size() + 1, entry, item));
                }
            }
        }
        return files;
    }

    private MediaFile file(int number, Sealed.Entry entry, MediaItem item) {
        var said = entry.caption().replaceAll("[^\\p{L}\\p{N} -]", "").strip();
        var name = said.isEmpty() ? entry.kind().name().toLowerCase(Locale.ROOT) : said;
        var ending = MediaPath.of(item).replaceAll("^.*\\.", "");
        return new MediaFile("%02d %s.%s".formatted(number, name, ending), item.type(), media.place(item));
    }

    private SectionSheet.Page page(Sealed.Page page, Around around) {
        var zones = new ArrayList<SectionSheet.ZoneOfPage>();
        page.byZone().forEach((zone, entries) -> {
            if (!entries.isEmpty()) {
                zones.add(new SectionSheet.ZoneOfPage(
                        zone,
                        entries.stream().flatMap(entry -> parts(entry, around)).toList()));
            }
        });
        return new SectionSheet.Page(
                page.title(),
                page.day(),
                page.week().map(week -> "Week " + week).orElse("Break"),
                zones);
    }

    /** An entry, or each page of its set by itself, with its name. */
    private Stream<SectionSheet.Entry> parts(Sealed.Entry entry, Around around) {
        return entry.photoSet()
                .map(set -> set.pages().stream()
                        .map(page ->
                                setPage(entry, page, page.equals(set.pages().getLast()), around)))
                .orElseGet(() -> Stream.of(entry(entry, content(entry, around), entry.caption(), entry.codes())));
    }

    /** What the set is notched to is said once, below its last page. */
    private SectionSheet.Entry setPage(Sealed.Entry entry, SetPage page, boolean isLast, Around around) {
        var caption = Stream.of(entry.caption(), page.name())
                .filter(words -> !words.isBlank())
                .collect(joining(": "));
        var photo = photo(around.items().get(page.picture()), page.layer());
        return entry(entry, photo, caption, isLast ? entry.codes() : List.of());
    }

    private static SectionSheet.Entry entry(
            Sealed.Entry entry, SectionSheet.Content content, String caption, List<String> codes) {
        return new SectionSheet.Entry(entry.id(), content, caption, width(entry.width()), codes, entry.beside());
    }

    private static SectionSheet.Width width(EntryWidth width) {
        return switch (width) {
            case FULL -> SectionSheet.Width.FULL;
            case HALF -> SectionSheet.Width.HALF;
            case THIRD -> SectionSheet.Width.THIRD;
        };
    }

    private SectionSheet.Content content(Sealed.Entry entry, Around around) {
        var items = around.items();
        return switch (entry.kind()) {
            case TYPED -> new SectionSheet.Typed(DocumentJson.read(entry.content()));
            case INK -> new SectionSheet.Ink(DrawingJson.read(entry.content()));
            case PHOTO -> photo(items.get(entry.mediaId().orElseThrow()), Optional.empty());
            case RECORDING, CLIP ->
                new SectionSheet.Recording(
                        entry.kind() == EntryKind.CLIP,
                        items.get(entry.mediaId().orElseThrow()).seconds().orElse(0.0),
                        TakeJson.read(entry.content()).lines(),
                        around.address(),
                        around.fileOf(entry));
            case FILE ->
                new SectionSheet.Attached(
                        EntryContent.words(entry.kind(), entry.content()),
                        items.get(entry.mediaId().orElseThrow()).bytes(),
                        around.fileOf(entry));
            case LINK -> link(entry, items);
            case VIEW -> new SectionSheet.Typed(EntryContent.textOfView(entry.content()));
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
