package notchbook.app.handin;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.calendar.SchoolYears;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.NeedsNoNotch;
import notchbook.app.link.LinkCards;
import notchbook.app.link.LinkState;
import notchbook.app.mark.Marks;
import notchbook.app.media.Media;
import notchbook.app.media.MediaItem;
import notchbook.app.media.MediaWords;
import notchbook.app.media.Sound;
import notchbook.app.notebook.Page;
import notchbook.app.people.Person;
import notchbook.app.reflection.Fillings;
import notchbook.app.remark.Remarks;
import notchbook.app.setwork.SetWork;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.handin.CheckLine;
import notchbook.core.handin.Fit;
import notchbook.core.handin.GoesAlong;
import notchbook.core.handin.Readiness;
import notchbook.core.handin.Scope;
import notchbook.core.handin.Work;
import notchbook.core.mark.Mark;
import notchbook.core.notebook.Gap;
import notchbook.core.notebook.ZoneContent;
import notchbook.core.remark.Carried;
import notchbook.core.setwork.Asked;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.Weights;
import notchbook.core.text.Citing;
import notchbook.core.text.Words;
import notchbook.core.voice.Audibility;
import notchbook.formats.document.DocumentJson;
import org.springframework.stereotype.Component;

/** Looks at what was gathered as the checks before a hand-in see it, and runs them. */
@Component
class WorkChecks {
    private final Freezer freezer;
    private final Fillings fillings;
    private final List<NeedsNoNotch> needNoNotch;
    private final SealedVersions versions;
    private final Remarks remarks;
    private final Syllabi syllabi;
    private final Media media;
    private final Marks marks;
    private final LinkCards links;
    private final MediaWords words;
    private final SchoolYears years;

    WorkChecks(
            Freezer freezer,
            Fillings fillings,
            List<NeedsNoNotch> needNoNotch,
            SealedVersions versions,
            Remarks remarks,
            Syllabi syllabi,
            Media media,
            Marks marks,
            LinkCards links,
            MediaWords words,
            SchoolYears years) {
        this.words = words;
        this.years = years;
        this.links = links;
        this.marks = marks;
        this.freezer = freezer;
        this.fillings = fillings;
        this.needNoNotch = needNoNotch;
        this.versions = versions;
        this.remarks = remarks;
        this.syllabi = syllabi;
        this.media = media;
    }

    /** The lines of the check, for set work or without being asked; {@code last} is the version before this one. */
    List<CheckLine> check(Person student, Gathered work, Optional<SetWork> setWork, Optional<HandIn> last) {
        var ids = work.pieces().stream().map(Entry::id).toList();
        var unnotched =
                needNoNotch.stream().flatMap(room -> room.among(ids).stream()).collect(toSet());
        return Readiness.check(new Work(
                work.scope(),
                setWork.map(SetWork::asked).orElse(Asked.NOTHING),
                points(work, setWork),
                work.pages().stream()
                        .map(page -> page(page, work.piecesOn(page), unnotched))
                        // What a page of a book lacks is told by the book.
                        .filter(page ->
                                work.scope() != Scope.BOOK || !page.entries().isEmpty())
                        .toList(),
                reflections(work),
                last.map(version -> remarked(student, work, version)).orElse(Work.Remarked.NOTHING),
                unanswered(work),
                closedLinks(work),
                unheard(work),
                unfit(work),
                sources(work),
                work.lacks(),
                parts(work)));
    }

    /** What goes out, as large as it is and as its smaller copy. */
    List<Fit.Part> parts(Gathered work) {
        var items = media(work);
        return work.pieces().stream()
                .flatMap(entry -> entry.shownMedia().stream()
                        .distinct()
                        .flatMap(id -> Optional.ofNullable(items.get(id)).stream())
                        .map(item -> new Fit.Part(
                                item.id(),
                                entry.name(),
                                item.bytes(),
                                media.smaller(item).map(MediaItem::bytes).orElse(item.bytes()))))
                .toList();
    }

    private List<Work.Unfit> unfit(Gathered work) {
        var pictures = work.pieces().stream()
                .filter(entry -> entry.kind() == EntryKind.PHOTO)
                .toList();
        var readings = words.readings(
                pictures.stream().flatMap(entry -> entry.shownMedia().stream()).toList());
        return pictures.stream()
                .flatMap(entry -> entry.shownMedia().stream()
                        .flatMap(id -> trouble(Optional.ofNullable(readings.get(id))).stream())
                        .limit(1)
                        .map(trouble -> new Work.Unfit(entry.place().pageId(), entry.id(), entry.name(), trouble)))
                .toList();
    }

    private static Optional<Work.Unfit.Trouble> trouble(Optional<MediaWords.Reading> reading) {
        if (reading.isEmpty()) {
            return Optional.of(Work.Unfit.Trouble.UNREAD);
        }
        return reading.filter(one -> one.quarters() != 0).map(one -> Work.Unfit.Trouble.SIDEWAYS);
    }

    /** A link names its source; so does a quotation that says where it is from, and words that cite a thing. */
    private static Work.Sources sources(Gathered work) {
        var named = work.pieces().stream()
                .filter(entry -> entry.kind() == EntryKind.LINK)
                .count();
        var nameless = new ArrayList<Work.Nameless>();
        for (var entry : work.pieces()) {
            if (entry.kind() == EntryKind.TYPED) {
                var text = DocumentJson.read(entry.content());
                var quotations = text.quotations();
                named += Citing.things(text).size();
                named += quotations.stream()
                        .filter(quotation -> !quotation.source().isBlank())
                        .count();
                if (quotations.stream().anyMatch(quotation -> quotation.source().isBlank())) {
                    nameless.add(new Work.Nameless(entry.place().pageId(), entry.id(), entry.name()));
                }
            }
        }
        return new Work.Sources((int) named, nameless);
    }

    private Map<UUID, MediaItem> media(Gathered work) {
        return media.findAll(work.pieces().stream()
                .flatMap(entry -> entry.shownMedia().stream())
                .toList());
    }

    private List<Work.Unheard> unheard(Gathered work) {
        var items = media(work);
        return work.pieces().stream()
                .filter(entry -> entry.kind().isPlayed())
                .flatMap(entry -> entry.mediaId().map(items::get).flatMap(MediaItem::sound).stream()
                        .map(Sound::audibility)
                        .filter(audibility -> audibility != Audibility.CLEAR)
                        .map(audibility ->
                                new Work.Unheard(entry.place().pageId(), entry.id(), entry.name(), audibility)))
                .toList();
    }

    /**
     * Of a section its own points in force, and where it has none those of the topic that was asked for; of chosen pages those of
     * that topic. A sheet and a book are asked for none.
     */
    private List<Work.AskedPoint> points(Gathered work, Optional<SetWork> setWork) {
        var edition =
                syllabi.edition(work.notebook().editionId(), work.notebook().id());
        var weights = Weights.of(edition, work.notebook().exam());
        var asked = asked(work, setWork, edition);
        return edition.points()
                .filter(point -> weights.isInForce(point.id()))
                .filter(point -> asked.stream()
                        .anyMatch(topic -> edition.pointsUnder(topic).anyMatch(point::equals)))
                .map(point -> new Work.AskedPoint(point.id(), point.code(), point.title()))
                .toList();
    }

    private Collection<UUID> asked(Gathered work, Optional<SetWork> setWork, Edition edition) {
        if (work.scope() == Scope.SECTION && !work.topics().isEmpty()) {
            return work.topics();
        }
        return !work.scope().isKeyed()
                ? List.of()
                : setWork.map(one -> syllabi.meanings(List.of(one.topicId()), edition)
                                .values())
                        .orElse(List.of());
    }

    /** {@code unnotched} are entries that need no notch. */
    private static Work.PageWork page(Page page, List<Entry> entries, Set<UUID> unnotched) {
        return new Work.PageWork(
                page.id(),
                page.title(),
                page.day(),
                entries.stream()
                        // A note beside another entry and an answer need no notch of their own; an empty one is still
                        // to be
                        // seen to.
                        .filter(entry -> entry.isEmpty()
                                || (entry.place().beside().isEmpty() && !unnotched.contains(entry.id())))
                        .map(entry -> new Work.EntryWork(
                                entry.id(),
                                entry.name(),
                                entry.kind().evidence(),
                                typedWords(entry),
                                entry.isEmpty(),
                                entry.notches()))
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

    private static int typedWords(Entry entry) {
        return entry.kind() == EntryKind.TYPED ? Words.count(entry.words()) : 0;
    }

    private List<Work.Unanswered> unanswered(Gathered work) {
        Map<UUID, Entry> byId = work.pieces().stream().collect(toMap(Entry::id, identity()));
        return marks.on(work.pieces()).stream()
                .filter(placed -> placed.mark() instanceof Mark.OpenQuestion question && question.isOpen())
                .map(placed -> {
                    var entry = byId.get(placed.entryId());
                    return new Work.Unanswered(entry.place().pageId(), entry.id(), Marks.words(entry, placed.mark()));
                })
                .toList();
    }

    private List<Work.ClosedLink> closedLinks(Gathered work) {
        var linking = work.pieces().stream()
                .filter(entry -> entry.address().isPresent())
                .toList();
        var cards = links.of(
                work.notebook().ownerId(), linking.stream().map(Entry::words).toList());
        return linking.stream()
                .filter(entry -> Optional.ofNullable(cards.get(entry.words()))
                        .filter(card -> card.state() == LinkState.UNREACHED)
                        .isPresent())
                .map(entry -> new Work.ClosedLink(entry.place().pageId(), entry.id(), entry.name()))
                .toList();
    }

    private List<Work.ReflectionWork> reflections(Gathered work) {
        var measure = fillings.over(work.reflections());
        return work.reflections().stream()
                .map(sheet -> new Work.ReflectionWork(
                        years.teachingWeekOf(sheet.monday()).orElse(0),
                        sheet.answered().stream()
                                .map(one -> new Work.Answer(
                                        one.prompt().question(),
                                        one.prompt().lack(one.answer(), measure.of(one.answer()))))
                                .toList()))
                .toList();
    }

    /** The remarks on a version, and those that were not answered and where nothing changed since it was sealed. */
    private Work.Remarked remarked(Person student, Gathered work, HandIn last) {
        var before = versions.compared(last);
        var now = versions.compared(freezer.freeze(List.of(student), work, GoesAlong.NOTHING, Set.of()));
        Map<UUID, Entry> byId = work.pieces().stream().collect(toMap(Entry::id, identity()));
        var asking = remarks.on(List.of(last.id())).stream()
                .filter(remark -> !remark.isAgreement())
                .toList();
        var open = asking.stream()
                .filter(remark -> remark.answer().isEmpty())
                .filter(remark -> !Carried.of(remark.anchor(), before, now).isTouched())
                .map(remark -> new Work.OpenRemark(
                        remark.number(),
                        remark.saying().gist(),
                        remark.anchor().on().map(byId::get).map(entry -> entry.place()
                                .pageId()),
                        remark.anchor().on()))
                .toList();
        return new Work.Remarked(last.version(), asking.size(), open);
    }
}
