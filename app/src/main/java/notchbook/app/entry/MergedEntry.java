package notchbook.app.entry;

import java.util.Optional;
import notchbook.app.entry.Entries.Base;
import notchbook.core.ink.MergedInk;
import notchbook.core.text.MergedText;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;

/** Two changes of one entry as one entry: its text by words, its ink by strokes, everything else by field. */
final class MergedEntry {
    private MergedEntry() {}

    /** What was sent on top of what is there now; empty when both changed the same words, or something that can't be merged. */
    static Optional<Entry> of(Base base, Entry sent, Entry now) {
        return content(base, sent, now)
                .map(content -> new Entry(
                        sent.id(),
                        field(base.place(), sent.place(), now.place()),
                        sent.kind(),
                        content.json(),
                        content.isEmpty(),
                        sent.mediaId(),
                        field(base.caption(), sent.caption(), now.caption()),
                        now.position(),
                        now.version() + 1,
                        now.madeAt(),
                        sent.changedAt(),
                        now.copiedFrom(),
                        now.notches()));
    }

    private static Optional<EntryContent> content(Base base, Entry sent, Entry now) {
        return switch (sent.kind()) {
            case TYPED ->
                MergedText.of(
                                DocumentJson.read(base.content()),
                                DocumentJson.read(sent.content()),
                                DocumentJson.read(now.content()))
                        .map(text -> new EntryContent(DocumentJson.write(text), text.isBlank()));
            case INK -> {
                var drawing = MergedInk.of(
                        DrawingJson.read(base.content()),
                        DrawingJson.read(sent.content()),
                        DrawingJson.read(now.content()));
                yield Optional.of(new EntryContent(DrawingJson.write(drawing), drawing.isEmpty()));
            }
            case PHOTO, RECORDING, CLIP, FILE, LINK, VIEW -> {
                var was = EntryContent.check(sent.kind(), base.content()).json();
                var isOneSided = was.equals(sent.content()) || was.equals(now.content());
                yield isOneSided && sent.mediaId().equals(now.mediaId())
                        ? Optional.of(new EntryContent(field(was, sent.content(), now.content()), false))
                        : Optional.empty();
            }
        };
    }

    /** Mine where I changed it, else theirs. */
    private static <T> T field(T base, T mine, T theirs) {
        return mine.equals(base) ? theirs : mine;
    }
}
