package notchbook.app.show;

import static java.util.Comparator.comparing;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.collection.CollectionReaders;
import notchbook.app.collection.Collections;
import notchbook.app.collection.ReaderKind;
import notchbook.app.group.Groups;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.group.Group;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** To whom a person shows a collection: classes that they are in, groups of theirs, and people of these classes. Nobody, at first. */
@Service
public class Showing {
    private final Collections collections;
    private final CollectionReaders readers;
    private final People people;
    private final Groups groups;
    private final SchoolClock clock;

    Showing(Collections collections, CollectionReaders readers, People people, Groups groups, SchoolClock clock) {
        this.groups = groups;
        this.collections = collections;
        this.readers = readers;
        this.people = people;
        this.clock = clock;
    }

    /** A class, a group or a person by name. */
    public record Named(UUID id, String name) {}

    /** Who sees a collection, and who could. */
    public record ShownTo(
            List<Named> classes,
            List<Named> groups,
            List<Named> people,
            List<Named> otherClasses,
            List<Named> otherGroups,
            List<Named> otherPeople) {}

    ShownTo of(Person owner, UUID collectionId) {
        collections.requireOwn(owner, collectionId);
        var classes = readers.of(collectionId, ReaderKind.CLASS);
        var named = readers.of(collectionId, ReaderKind.PERSON);
        var own = people.classesOf(owner);
        var grouped = readers.of(collectionId, ReaderKind.GROUP);
        var ownGroups = groups.of(owner);
        return new ShownTo(
                own.stream()
                        .filter(one -> classes.contains(one.id()))
                        .map(Showing::named)
                        .toList(),
                ownGroups.stream()
                        .filter(one -> grouped.contains(one.id()))
                        .map(Showing::named)
                        .toList(),
                named.stream().map(id -> new Named(id, people.nameOf(id))).toList(),
                own.stream()
                        .filter(one -> !classes.contains(one.id()))
                        .map(Showing::named)
                        .toList(),
                ownGroups.stream()
                        .filter(one -> !grouped.contains(one.id()))
                        .map(Showing::named)
                        .toList(),
                around(owner)
                        .filter(one -> !named.contains(one.id()))
                        .map(one -> new Named(one.id(), one.fullName()))
                        .toList());
    }

    private static Named named(SchoolClass one) {
        return new Named(one.id(), one.name());
    }

    private static Named named(Group one) {
        return new Named(one.id(), one.name());
    }

    /** The others in a person's classes, by name. */
    private Stream<Person> around(Person owner) {
        return people.classesOf(owner).stream()
                .flatMap(one ->
                        Stream.concat(people.studentsOf(one.id()).stream(), people.teachersOf(one.id()).stream()))
                .filter(one -> !one.id().equals(owner.id()))
                .distinct()
                .sorted(comparing(Person::fullName));
    }

    @Transactional
    public void toClass(Person owner, UUID collectionId, UUID classId) {
        collections.requireOwn(owner, collectionId);
        readers.show(
                collectionId,
                ReaderKind.CLASS,
                people.requireClass(owner, classId).id(),
                clock.now());
    }

    @Transactional
    public void toGroup(Person owner, UUID collectionId, UUID groupId) {
        collections.requireOwn(owner, collectionId);
        readers.show(
                collectionId, ReaderKind.GROUP, groups.require(owner, groupId).id(), clock.now());
    }

    @Transactional
    public void toPerson(Person owner, UUID collectionId, UUID personId) {
        collections.requireOwn(owner, collectionId);
        if (around(owner).noneMatch(one -> one.id().equals(personId))) {
            throw Refusal.notFound("person");
        }
        readers.show(collectionId, ReaderKind.PERSON, personId, clock.now());
    }

    /** It is theirs no more from this moment on. */
    @Transactional
    void takeBack(Person owner, UUID collectionId, ReaderKind kind, UUID reader) {
        collections.requireOwn(owner, collectionId);
        readers.hide(collectionId, kind, reader);
    }
}
