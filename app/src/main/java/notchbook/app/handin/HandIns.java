package notchbook.app.handin;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.app.contents.Contents;
import notchbook.app.contents.SectionContents;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.remark.Remarks;
import notchbook.app.seal.SealKeys;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.handin.CheckLine;
import notchbook.core.handin.HandInState;
import notchbook.core.handin.Readiness;
import notchbook.core.seal.Statement;
import notchbook.core.syllabus.Edition;
import notchbook.formats.pdf.SectionPdf;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A student's side of handing in: checking a section, sealing it, taking it back, reading what came back. */
@Service
public class HandIns {
    private final HandInStore store;
    private final Remarks remarks;
    private final SetWorks setWorks;
    private final Contents contents;
    private final Syllabi syllabi;
    private final People people;
    private final Freezer freezer;
    private final SealedVersions versions;
    private final SectionChecks checks;
    private final SectionSheets sheets;
    private final SealKeys keys;

    HandIns(
            HandInStore store,
            Remarks remarks,
            SetWorks setWorks,
            Contents contents,
            Syllabi syllabi,
            People people,
            Freezer freezer,
            SealedVersions versions,
            SectionChecks checks,
            SectionSheets sheets,
            SealKeys keys) {
        this.store = store;
        this.remarks = remarks;
        this.setWorks = setWorks;
        this.contents = contents;
        this.syllabi = syllabi;
        this.people = people;
        this.freezer = freezer;
        this.versions = versions;
        this.checks = checks;
        this.sheets = sheets;
        this.keys = keys;
    }

    /** What a section looks like just before it is handed in for a piece of set work. */
    record Readying(
            SectionContents section, SetWork setWork, Optional<HandIn> last, List<CheckLine> lines, long bytes) {
        int nextVersion() {
            return last.map(HandIn::version).orElse(0) + 1;
        }
    }

    /** A student's wish to seal a section under an id of their own making. */
    public record Wish(UUID id, UUID sectionId, UUID setWorkId, boolean isWithMissing) {}

    /** All versions that a student has handed in, the latest version first. */
    public List<HandIn> by(Person student) {
        return store.by(student.id());
    }

    /** What a teacher said about a version. */
    public record Said(String author, String words, HandIn handIn) {}

    /** All remarks on what a student handed in, those on the latest version first. */
    public List<Said> saidTo(Person student) {
        var byId = by(student).stream().collect(toMap(HandIn::id, identity()));
        return remarks
                .on(byId.values().stream()
                        .filter(handIn -> handIn.state().isReturned())
                        .map(HandIn::id)
                        .toList())
                .stream()
                .map(remark -> new Said(
                        people.nameOf(remark.authorId()), remark.saying().gist(), byId.get(remark.handInId())))
                .sorted(Comparator.comparing((Said said) -> said.handIn().sealedAt())
                        .reversed())
                .toList();
    }

    /** A version that the reader handed in, or that was handed in to a class that they teach. */
    public HandIn require(Person reader, UUID id) {
        var handIn = store.find(id).orElseThrow(() -> Refusal.notFound("hand-in"));
        if (!handIn.studentId().equals(reader.id())) {
            setWorks.requireTaught(reader, handIn.setWorkId());
        }
        return handIn;
    }

    /** The set work that a section can be handed in for: of its notebook's class, that about the section first. */
    List<SetWork> choices(Person reader, SectionContents section) {
        var edition = syllabi.edition(
                section.notebook().editionId(), section.notebook().id());
        return setWorks.visibleTo(reader).stream()
                .filter(work -> section.notebook().classId().equals(Optional.of(work.classId())))
                .sorted(Comparator.comparing((SetWork work) -> !isAbout(section.topics(), work.topicId(), edition)))
                .toList();
    }

    Readying ready(Person reader, UUID sectionId, Optional<UUID> setWorkId) {
        var section = contents.of(reader, sectionId);
        var setWork = setWorkId
                .map(id -> setWorks.require(reader, id))
                .or(() -> choices(reader, section).stream().findFirst())
                .orElseThrow(() -> Refusal.notNow("Your teacher has not asked for anything in this subject yet."));
        var last = lastFor(reader, setWork);
        return new Readying(
                section, setWork, last, checks.check(reader, section, setWork, last), checks.bytes(section));
    }

    /** Seals a section as the next version and sends it; sending the same wish again changes nothing. */
    @Transactional
    public HandIn seal(Person reader, Wish wish) {
        reader.requireStudent();
        if (store.find(wish.id()).isPresent()) {
            return require(reader, wish.id());
        }
        var ready = ready(reader, wish.sectionId(), Optional.of(wish.setWorkId()));
        ready.last().filter(last -> !last.state().isReturned()).ifPresent(last -> {
            throw Refusal.notNow("Version " + last.version()
                    + " is still with your teacher. Take it back, or wait until it comes back.");
        });
        var missing = Readiness.missing(ready.lines());
        if (missing > 0 && !wish.isWithMissing()) {
            throw Refusal.unfit(missing == 1 ? "One thing is missing." : missing + " things are missing.");
        }
        var frozen = freezer.freeze(reader, ready.section());
        var parts = versions.write(frozen);
        var manifest = versions.manifest(parts, frozen.media());
        var said = new Statement(
                frozen.cover().title(),
                frozen.cover().student(),
                frozen.cover().notebook(),
                ready.nextVersion(),
                frozen.cover().sealedAt(),
                manifest.digest());
        var handIn = new HandIn(
                wish.id(),
                ready.setWork().id(),
                reader.id(),
                wish.sectionId(),
                ready.section().section().title(),
                ready.nextVersion(),
                HandInState.WAITING,
                (int) missing,
                frozen.cover().sealedAt(),
                manifest,
                manifest.digest(),
                Optional.of(keys.sign(said.bytes())));
        store.insert(handIn, parts, frozen.media());
        return handIn;
    }

    /** Takes a version back that the teacher has not opened. */
    @Transactional
    public void takeBack(Person reader, UUID id) {
        var handIn = store.find(id)
                .filter(found -> found.studentId().equals(reader.id()))
                .orElseThrow(() -> Refusal.notFound("hand-in"));
        if (!handIn.state().canBeTakenBack() || !store.delete(id)) {
            throw Refusal.notNow("Your teacher has opened it already. Ask for it to be sent back.");
        }
    }

    /** The PDF of a sealed version. */
    public byte[] pdf(Person reader, UUID id, Print print) {
        var handIn = require(reader, id);
        var address = print.origin() + "/versions/" + id;
        return SectionPdf.write(
                sheets.of(versions.read(handIn), "version " + handIn.version(), page -> address), print.paper());
    }

    /** The PDF of a section as it is now. */
    byte[] draftPdf(Person reader, UUID sectionId, Print print) {
        var section = contents.of(reader, sectionId);
        var address = print.origin() + "/p/";
        return SectionPdf.write(
                sheets.of(freezer.freeze(reader, section), "not handed in", page -> address + page), print.paper());
    }

    /** Keeps what the student says to a remark that came back; blank takes it back. */
    @Transactional
    public void answer(Person student, UUID remarkId, String words) {
        var remark = remarks.find(remarkId).orElseThrow(() -> Refusal.notFound("remark"));
        var isOwn = store.find(remark.handInId())
                .filter(handIn -> handIn.studentId().equals(student.id()))
                .filter(handIn -> handIn.state().isReturned())
                .isPresent();
        if (!isOwn) {
            throw Refusal.notFound("remark");
        }
        remarks.answer(remarkId, words);
    }

    Optional<HandIn> lastFor(Person student, SetWork setWork) {
        return by(student).stream()
                .filter(handIn -> handIn.setWorkId().equals(setWork.id()))
                .findFirst();
    }

    /** Whether set work is about a section: about one of its topics, one of their units, or a topic of its unit. */
    private static boolean isAbout(Set<UUID> topics, UUID asked, Edition edition) {
        return topics.stream()
                .anyMatch(topic -> topic.equals(asked)
                        || edition.pointsUnder(topic).anyMatch(point -> edition.topicOf(point.id())
                                .filter(of -> of.id().equals(asked))
                                .isPresent()));
    }
}
