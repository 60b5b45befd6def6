package notchbook.demo;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.contents.Contents;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryPlace;
import notchbook.app.handin.HandIns;
import notchbook.app.people.Person;
import notchbook.app.remark.Remarks;
import notchbook.core.ink.Drawing;
import notchbook.core.remark.Anchor;
import notchbook.core.remark.Saying;
import notchbook.core.text.Document;
import notchbook.core.version.Span;
import notchbook.formats.document.DocumentJson;
import notchbook.formats.ink.DrawingJson;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Remarks of every kind on a hand-in, and what a student does about them. */
@Component
class HandInRemarks {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HandInMaker handIns;
    private final HandIns versions;
    private final Remarks remarks;
    private final Contents contents;
    private final Entries entries;
    private final MediaMaker media;

    HandInRemarks(
            HandInMaker handIns,
            HandIns versions,
            Remarks remarks,
            Contents contents,
            Entries entries,
            MediaMaker media) {
        this.handIns = handIns;
        this.versions = versions;
        this.remarks = remarks;
        this.contents = contents;
        this.entries = entries;
        this.media = media;
    }

    /** Words chosen in a text, the pen over a drawing, a moment of a sound, and a voice on the whole. */
    void sayAll(Person teacher, Person student, UUID section, UUID handIn) {
        var all = contents.of(student, section).entries();
        first(all, EntryKind.TYPED)
                .ifPresent(text ->
                        handIns.say(teacher, handIn, onSentence(text), Saying.typed("Say how many claps you timed.")));
        first(all, EntryKind.INK)
                .ifPresent(ink -> handIns.say(
                        teacher,
                        handIn,
                        new Anchor.OnSpot(ink.id(), 0, 0.5, 0.45),
                        new Saying(
                                "Show the way back in the drawing too.",
                                Optional.empty(),
                                Optional.of(ringed(DrawingJson.read(ink.content()))),
                                Optional.empty())));
        first(all, EntryKind.RECORDING)
                .ifPresent(sound -> handIns.say(
                        teacher,
                        handIn,
                        new Anchor.OnMoment(sound.id(), 1_500),
                        Saying.typed("You say “about”: give the figure.")));
        var spoken = media.keep(teacher, "remark.wav", Sounds.wav("voice", "remark"));
        handIns.say(
                teacher,
                handIn,
                new Anchor.Whole(),
                new Saying("", Optional.of(spoken), Optional.empty(), Optional.empty()));
    }

    void answerFirst(Person student, UUID handIn, String words) {
        versions.answer(student, remarks.on(List.of(handIn)).getFirst().id(), words);
    }

    /** Says a text better, goes on with a drawing, takes something out and puts something in. */
    void rework(Person student, UUID section) {
        var all = contents.of(student, section).entries();
        first(all, EntryKind.TYPED)
                .ifPresent(text -> change(
                        student,
                        text,
                        DocumentJson.write(
                                typed("An echo is sound that comes back from a surface, so the way is twice the"
                                        + " distance: d = v × t ÷ 2. We timed twenty claps, 0.28 s each: 48 m."))));
        first(all, EntryKind.INK)
                .ifPresent(ink -> change(student, ink, DrawingJson.write(wentOn(DrawingJson.read(ink.content())))));
        all.stream()
                .filter(entry -> entry.kind() == EntryKind.TYPED)
                .reduce((before, last) -> last)
                .ifPresent(last -> entries.delete(student, last.id()));
        var page = all.getFirst().place();
        keep(
                student,
                UUID.randomUUID(),
                0,
                page,
                EntryKind.TYPED,
                DocumentJson.write(
                        typed("The stopwatch is pressed a little late both times, so that most of it falls out.")),
                "");
    }

    private void change(Person student, Entry entry, String content) {
        keep(student, entry.id(), entry.version(), entry.place(), entry.kind(), content, entry.caption());
    }

    private void keep(
            Person student, UUID id, int version, EntryPlace place, EntryKind kind, String content, String caption) {
        entries.keep(
                student,
                new Entries.Change(
                        id,
                        version,
                        place,
                        kind,
                        JSON.readTree(content),
                        Optional.empty(),
                        caption,
                        Optional.empty(),
                        Optional.empty(),
                        "",
                        Optional.empty()));
    }

    private static Optional<Entry> first(List<Entry> all, EntryKind kind) {
        return all.stream()
                .filter(entry -> entry.kind() == kind && entry.place().beside().isEmpty())
                .findFirst();
    }

    /** The first sentence of a text. */
    private static Anchor onSentence(Entry text) {
        var words = DocumentJson.read(text.content()).lines().getFirst().words();
        var span = new Span(0, Math.max(words.indexOf('.') + 1, Math.min(20, words.length())));
        return new Anchor.OnWords(text.id(), span, span.of(words));
    }

    private static Drawing ringed(Drawing under) {
        var width = under.width();
        var height = under.height();
        return new Pen(width, height, 12)
                .with(Pen.RED, 4)
                .ring(0.5 * width, 0.45 * height, 0.3 * width, 0.22 * height)
                .drawing();
    }

    private static Drawing wentOn(Drawing before) {
        var more = new Pen(before.width(), before.height(), 31)
                .with(Pen.RED, 4)
                .arrow(0.8 * before.width(), 0.62 * before.height(), 0.2 * before.width(), 0.62 * before.height())
                .drawing();
        return new Drawing(
                before.width(),
                before.height(),
                Stream.concat(before.strokes().stream(), more.strokes().stream())
                        .toList());
    }

    private static Document typed(String words) {
        return new Document(List.of(new Document.Paragraph(List.of(new Document.Text(words, Set.of())))));
    }
}
