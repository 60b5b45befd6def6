package notchbook.app.handin;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.media.Media;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.remark.Remark;
import notchbook.app.remark.Remarks;
import notchbook.app.seal.SealKeys;
import notchbook.app.setwork.SetWork;
import notchbook.app.setwork.SetWorks;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.handin.CheckLine;
import notchbook.core.handin.Fit;
import notchbook.core.handin.GoesAlong;
import notchbook.core.handin.HandInState;
import notchbook.core.handin.Picked;
import notchbook.core.handin.Purpose;
import notchbook.core.handin.Readiness;
import notchbook.core.seal.Statement;
import notchbook.core.syllabus.Edition;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A student's side of handing in: checking what was picked, sealing it, taking it back, reading what came back. */
@Service
public class HandIns {
    private final HandInStore store;
    private final Remarks remarks;
    private final SetWorks setWorks;
    private final Picking picking;
    private final Syllabi syllabi;
    private final People people;
    private final Media media;
    private final Freezer freezer;
    private final SealedVersions versions;
    private final WorkChecks checks;
    private final SealKeys keys;

    HandIns(
            HandInStore store,
            Remarks remarks,
            SetWorks setWorks,
            Picking picking,
            Syllabi syllabi,
            People people,
            Media media,
            Freezer freezer,
            SealedVersions versions,
            WorkChecks checks,
            SealKeys keys) {
        this.store = store;
        this.remarks = remarks;
        this.setWorks = setWorks;
        this.picking = picking;
        this.syllabi = syllabi;
        this.people = people;
        this.media = media;
        this.freezer = freezer;
        this.versions = versions;
        this.checks = checks;
        this.keys = keys;
    }

    /** What was picked, as it looks just before it is handed in. */
    record Readying(
            Gathered work,
            Addressed to,
            Optional<SetWork> setWork,
            List<HandIn> versions,
            List<CheckLine> lines,
            List<Fit.Part> parts) {

        /** The version before this one, of those sent for the same purpose. */
        Optional<HandIn> last(Purpose purpose) {
            return versions.stream().filter(one -> one.purpose() == purpose).findFirst();
        }

        int nextVersion(Purpose purpose) {
            return last(purpose).map(HandIn::version).orElse(0) + 1;
        }
    }

    /** For what a student asks to check or hand in: set work, or nothing that was asked for. */
    public record Aim(Optional<UUID> setWorkId, boolean isUnasked) {
        /** Sheets and books are what no teacher has to ask for, so they are for set work only where that is said. */
        boolean isUnaskedFor(Picked picked) {
            return isUnasked || (setWorkId.isEmpty() && !picked.scope().isKeyed());
        }

        public static Aim at(SetWork setWork) {
            return new Aim(Optional.of(setWork.id()), false);
        }
    }

    /** How something is handed in; {@code isFitted} lets pictures and sounds go smaller so that all fits. */
    public record Manner(
            Purpose purpose, List<UUID> with, Word word, GoesAlong along, boolean isFitted, boolean isWithMissing) {
        public static final Manner PLAIN =
                new Manner(Purpose.HAND_IN, List.of(), Word.NONE, GoesAlong.NOTHING, false, true);
    }

    /** A student's wish to seal what they picked, under an id of their own making. */
    public record Wish(UUID id, Picked picked, Aim aim, Manner manner) {}

    /** All versions that a student has handed in, the latest version first. */
    public List<HandIn> by(Person student) {
        return store.by(student.id());
    }

    /** What a teacher said about a version. */
    public record Said(String author, String words, HandIn handIn) {}

    /** All remarks on what a student handed in, those on the latest version first. */
    public List<Said> saidTo(Person student) {
        var byId = by(student).stream().collect(toMap(HandIn::id, identity()));
        return returnedRemarks(byId.values()).stream()
                .map(remark -> new Said(
                        people.nameOf(remark.authorId()), remark.saying().gist(), byId.get(remark.handInId())))
                .sorted(Comparator.comparing((Said said) -> said.handIn().sealedAt())
                        .reversed())
                .toList();
    }

    /** The remarks on an entry in all that a student handed in and got back. */
    public List<Remark> saidOn(Person student, UUID entryId) {
        return returnedRemarks(by(student)).stream()
                .filter(remark -> remark.anchor().on().equals(Optional.of(entryId)))
                .toList();
    }

    private List<Remark> returnedRemarks(Collection<HandIn> all) {
        return remarks.on(all.stream()
                .filter(handIn -> handIn.state().isReturned())
                .map(HandIn::id)
                .toList());
    }

    /** A version that the reader made, or that was sent to a class that they teach. */
    public HandIn require(Person reader, UUID id) {
        var handIn = store.find(id).orElseThrow(() -> Refusal.notFound("hand-in"));
        if (!handIn.isBy(reader.id())) {
            people.requireTaught(reader, handIn.to().classId());
        }
        return handIn;
    }

    /** The set work that something can be handed in for: of its notebook's class, that about its topics first. */
    List<SetWork> choices(Person reader, Gathered work) {
        var edition =
                syllabi.edition(work.notebook().editionId(), work.notebook().id());
        return setWorks.visibleTo(reader).stream()
                .filter(one -> work.notebook().classId().equals(Optional.of(one.classId())))
                .sorted(Comparator.comparing((SetWork one) -> !isAbout(work.topics(), one.topicId(), edition)))
                .toList();
    }

    Readying ready(Person reader, Picked picked, Aim aim) {
        var work = picking.of(reader, picked);
        var setWork = aim.isUnaskedFor(picked)
                ? Optional.<SetWork>empty()
                : aim.setWorkId().map(id -> setWorks.require(reader, id)).or(() -> choices(reader, work).stream()
                        .findFirst());
        var to = new Addressed(classOf(reader, work, setWork), setWork.map(SetWork::id));
        var versions = store.by(reader.id()).stream()
                .filter(one -> one.studentId().equals(reader.id()) && isVersionOf(one, picked, to))
                .toList();
        var returned = versions.stream().filter(one -> one.state().isReturned()).findFirst();
        return new Readying(
                work, to, setWork, versions, checks.check(reader, work, setWork, returned), checks.parts(work));
    }

    /** All that is handed in for the same set work is the same work; unasked, it is what holds the same. */
    private static boolean isVersionOf(HandIn handIn, Picked picked, Addressed to) {
        return handIn.to().equals(to)
                && (to.setWorkId().isPresent() || handIn.picked().isSameWorkAs(picked));
    }

    private UUID classOf(Person reader, Gathered work, Optional<SetWork> setWork) {
        var classId = setWork.map(SetWork::classId)
                .or(() -> work.notebook().classId())
                .orElseThrow(() ->
                        Refusal.notNow("This notebook belongs to no class, so there is no teacher to send it to."));
        return people.requireClass(reader, classId).id();
    }

    /** Those who can be named as having made it together with the reader. */
    List<Person> classmates(Person reader, UUID classId) {
        return people.studentsOf(classId).stream()
                .filter(person -> !person.id().equals(reader.id()))
                .toList();
    }

    /** What would be sent now, as its readers would see it. */
    Frozen preview(Person reader, Picked picked, GoesAlong along) {
        return freezer.freeze(List.of(reader), picking.of(reader, picked), along, Set.of());
    }

    /** Seals what was picked as the next version and sends it; sending the same wish again changes nothing. */
    @Transactional
    public HandIn seal(Person reader, Wish wish) {
        reader.requireStudent();
        if (store.find(wish.id()).isPresent()) {
            return require(reader, wish.id());
        }
        var manner = wish.manner();
        var ready = ready(reader, wish.picked(), wish.aim());
        ready.last(manner.purpose()).filter(last -> !last.state().isReturned()).ifPresent(last -> {
            throw Refusal.notNow("Version " + last.version()
                    + " is still with your teacher. Take it back, or wait until it comes back.");
        });
        var fit = manner.isFitted() ? Fit.into(Readiness.BUDGET_BYTES, ready.parts()) : new Fit(Set.of(), 0);
        var missing = missing(ready.lines(), manner, fit);
        var authors = authors(reader, ready.to().classId(), manner.with());
        manner.word().soundId().ifPresent(sound -> media.requireOwned(reader, sound));
        var frozen = freezer.freeze(authors, ready.work(), manner.along(), fit.smaller());
        var parts = versions.write(frozen);
        var manifest = versions.manifest(parts, frozen.media());
        var version = ready.nextVersion(manner.purpose());
        var said = new Statement(
                frozen.cover().title(),
                frozen.cover().student(),
                frozen.cover().notebook(),
                version,
                frozen.cover().sealedAt(),
                manifest.digest());
        var handIn = new HandIn(
                wish.id(),
                ready.versions().stream().findFirst().map(HandIn::workId).orElse(wish.id()),
                ready.to(),
                ready.work().notebook().id(),
                wish.picked(),
                reader.id(),
                authors.stream().skip(1).map(Person::id).toList(),
                frozen.cover().title(),
                manner.purpose(),
                version,
                HandInState.WAITING,
                missing,
                frozen.cover().sealedAt(),
                manner.word(),
                manifest.digest(),
                Optional.of(keys.sign(said.bytes())));
        store.insert(handIn, manifest, parts, frozen.media());
        return handIn;
    }

    /** How much is missing; a draft may be as unfinished as it is, all else needs the student's own word. */
    private static int missing(List<CheckLine> lines, Manner manner, Fit fit) {
        var counted = fit.smaller().isEmpty()
                ? lines
                : lines.stream()
                        .filter(line -> !(line.mend() instanceof CheckLine.MakeFit))
                        .toList();
        var missing = (int) Readiness.missing(counted);
        if (missing > 0 && !manner.isWithMissing() && manner.purpose() == Purpose.HAND_IN) {
            throw Refusal.unfit(missing == 1 ? "One thing is missing." : missing + " things are missing.");
        }
        return missing;
    }

    private List<Person> authors(Person sender, UUID classId, List<UUID> with) {
        var classmates = classmates(sender, classId);
        var named = with.stream()
                .distinct()
                .map(id -> classmates.stream()
                        .filter(person -> person.id().equals(id))
                        .findFirst()
                        .orElseThrow(() -> Refusal.notFound("student")))
                .toList();
        return Stream.concat(Stream.of(sender), named.stream()).toList();
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

    /** Keeps what the student says to a remark that came back; blank takes it back. */
    @Transactional
    public void answer(Person student, UUID remarkId, String words) {
        var remark = remarks.find(remarkId).orElseThrow(() -> Refusal.notFound("remark"));
        var isOwn = store.find(remark.handInId())
                .filter(handIn -> handIn.isBy(student.id()))
                .filter(handIn -> handIn.state().isReturned())
                .isPresent();
        if (!isOwn) {
            throw Refusal.notFound("remark");
        }
        remarks.answer(remarkId, words);
    }

    /** Whether set work is about some topics: about one of its topics, one of their units, or a topic of its unit. */
    private static boolean isAbout(Set<UUID> topics, UUID asked, Edition edition) {
        return topics.stream()
                .anyMatch(topic -> topic.equals(asked)
                        || edition.pointsUnder(topic).anyMatch(point -> edition.topicOf(point.id())
                                .filter(of -> of.id().equals(asked))
                                .isPresent()));
    }
}
