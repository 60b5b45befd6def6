package notchbook.app.handin;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import notchbook.app.contents.SectionContents;
import notchbook.app.entry.Entry;
import notchbook.app.link.LinkCards;
import notchbook.app.link.LinkState;
import notchbook.app.mark.Marks;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.Sound;
import notchbook.app.notebook.Page;
import notchbook.app.people.Person;
import notchbook.app.reflection.Reflection;
import notchbook.app.remark.Remark;
import notchbook.app.remark.Remarks;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.handin.CheckLine;
import notchbook.core.handin.Readiness;
import notchbook.core.handin.SectionWork;
import notchbook.core.mark.Mark;
import notchbook.core.notebook.Gap;
import notchbook.core.notebook.ZoneContent;
import notchbook.core.reflection.Prompt;
import notchbook.core.remark.Carried;
import notchbook.core.remark.Saying;
import notchbook.core.syllabus.Weights;
import notchbook.core.text.Words;
import notchbook.core.voice.Audibility;
import org.springframework.stereotype.Component;

/** Looks at a section as the checks before a hand-in see it, and runs them. */
@Component
class SectionChecks {
    private final Freezer freezer;
    private final SealedVersions versions;
    private final Remarks remarks;
    private final Syllabi syllabi;
    private final Media media;
    private final Marks marks;
    private final LinkCards links;

    SectionChecks(
            Freezer freezer,
            SealedVersions versions,
            Remarks remarks,
            Syllabi syllabi,
            Media media,
            Marks marks,
            LinkCards links) {
        this.links = links;
        this.marks = marks;
        this.freezer = freezer;
        this.versions = versions;
        this.remarks = remarks;
        this.syllabi = syllabi;
        this.media = media;
    }

    /** The lines of the check; {@code last} is the version before this one. */
    List<CheckLine> check(Person student, SectionContents section, SetWork setWork, Optional<HandIn> last) {
        return Readiness.check(new SectionWork(
                points(section, setWork),
                section.pages().stream()
                        .map(page -> page(page, section.entriesOn(page)))
                        .toList(),
                freezer.reflectionsOn(section).stream().map(this::reflection).toList(),
                last.map(version -> openRemarks(student, section, version)).orElse(List.of()),
                unanswered(section),
                closedLinks(section),
                unheard(section),
                bytes(section)));
    }

    long bytes(SectionContents section) {
        return media(section).values().stream().mapToLong(MediaItem::bytes).sum();
    }

    private Map<UUID, MediaItem> media(SectionContents section) {
        return media.findAll(section.entries().stream()
                .flatMap(entry -> entry.shownMedia().stream())
                .toList());
    }

    private List<SectionWork.Unheard> unheard(SectionContents section) {
        var items = media(section);
        return section.entries().stream()
                .filter(entry -> entry.kind().isPlayed())
                .flatMap(entry -> entry.mediaId().map(items::get).flatMap(MediaItem::sound).stream()
                        .map(Sound::audibility)
                        .filter(audibility -> audibility != Audibility.CLEAR)
                        .map(audibility ->
                                new SectionWork.Unheard(entry.place().pageId(), entry.id(), entry.name(), audibility)))
                .toList();
    }

    /** The section's own points in force; where it has none, those of the topic that was asked for. */
    private List<SectionWork.AskedPoint> points(SectionContents section, SetWork setWork) {
        var edition = syllabi.edition(
                section.notebook().editionId(), section.notebook().id());
        var weights = Weights.of(edition, section.notebook().exam());
        var asked = section.topics().isEmpty()
                ? syllabi.meanings(List.of(setWork.topicId()), edition).values()
                : section.topics();
        return edition.points()
                .filter(point -> weights.isInForce(point.id()))
                .filter(point -> asked.stream()
                        .anyMatch(topic -> edition.pointsUnder(topic).anyMatch(point::equals)))
                .map(point -> new SectionWork.AskedPoint(point.id(), point.code(), point.title()))
                .toList();
    }

    private static SectionWork.PageWork page(Page page, List<Entry> entries) {
        return new SectionWork.PageWork(
                page.id(),
                page.title(),
                entries.stream()
                        // A note beside another entry needs no notch of its own; an empty one is still to be seen to.
                        .filter(entry -> entry.place().beside().isEmpty() || entry.isEmpty())
                        .map(entry -> new SectionWork.EntryWork(
                                entry.id(), entry.name(), entry.kind().evidence(), entry.isEmpty(), entry.notches()))
                        .toList(),
                Gap.in(
                        page.pattern(),
                        entries.stream()
                                .map(entry -> new ZoneContent(
                                        entry.place().zone(),
                                        entry.kind().evidence(),
                                        Words.count(entry.words()),
                                        entry.isEmpty()))
                                .toList()));
    }

    private List<SectionWork.Unanswered> unanswered(SectionContents section) {
        Map<UUID, Entry> byId = section.entries().stream().collect(toMap(Entry::id, identity()));
        return marks.on(section.entries()).stream()
                .filter(placed -> placed.mark() instanceof Mark.OpenQuestion question && question.isOpen())
                .map(placed -> {
                    var entry = byId.get(placed.entryId());
                    return new SectionWork.Unanswered(
                            entry.place().pageId(), entry.id(), Marks.words(entry, placed.mark()));
                })
                .toList();
    }

    private List<SectionWork.ClosedLink> closedLinks(SectionContents section) {
        var linking = section.entries().stream()
                .filter(entry -> entry.address().isPresent())
                .toList();
        var cards = links.of(
                section.notebook().ownerId(), linking.stream().map(Entry::words).toList());
        return linking.stream()
                .filter(entry -> Optional.ofNullable(cards.get(entry.words()))
                        .filter(card -> card.state() == LinkState.UNREACHED)
                        .isPresent())
                .map(entry -> new SectionWork.ClosedLink(entry.place().pageId(), entry.id(), entry.name()))
                .toList();
    }

    private SectionWork.ReflectionWork reflection(Reflection reflection) {
        return new SectionWork.ReflectionWork(
                freezer.weekOf(reflection.monday()).orElse(0),
                IntStream.range(0, Prompt.WEEKLY.size())
                        .mapToObj(i -> new SectionWork.Answer(
                                Words.count(reflection.answers().get(i)),
                                Prompt.WEEKLY.get(i).range()))
                        .toList());
    }

    /** Remarks that were not answered, and where nothing changed since the version was sealed. */
    private List<SectionWork.OpenRemark> openRemarks(Person student, SectionContents section, HandIn last) {
        var before = versions.compared(last);
        var now = versions.compared(freezer.freeze(student, section));
        Map<UUID, Entry> byId = section.entries().stream().collect(toMap(Entry::id, identity()));
        return remarks.on(List.of(last.id())).stream()
                .filter(remark -> remark.answer().isEmpty() && !isAgreed(remark))
                .filter(remark -> !Carried.of(remark.anchor(), before, now).isTouched())
                .map(remark -> new SectionWork.OpenRemark(
                        remark.number(),
                        remark.saying().gist(),
                        remark.anchor().on().map(byId::get).map(entry -> entry.place()
                                .pageId()),
                        remark.anchor().on()))
                .toList();
    }

    private static boolean isAgreed(Remark remark) {
        return remark.saying().sign().equals(Optional.of(Saying.Sign.AGREE));
    }
}
