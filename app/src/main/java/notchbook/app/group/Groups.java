package notchbook.app.group;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toSet;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.group.Group;
import notchbook.core.group.Split;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Groups of a class: made by its teachers and, where these let them, by its students; changed by its teachers and whoever made one. */
@Service
public class Groups {
    private final GroupStore store;
    private final People people;
    private final SchoolClock clock;

    Groups(GroupStore store, People people, SchoolClock clock) {
        this.store = store;
        this.people = people;
        this.clock = clock;
    }

    /** Those of all of the reader's classes that they teach, or are in themselves. */
    public List<Group> of(Person reader) {
        var classes = people.classesOf(reader).stream().map(SchoolClass::id).toList();
        return store.in(classes).stream()
                .filter(group -> reader.isTeacher() || group.members().contains(reader.id()))
                .toList();
    }

    /** One of these; others do not exist for the reader. */
    public Group require(Person reader, UUID id) {
        return of(reader).stream()
                .filter(group -> group.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("group"));
    }

    /** The groups of a class that each of its students is in. */
    public Map<UUID, Set<UUID>> byMember(UUID classId) {
        return store.in(List.of(classId)).stream()
                .flatMap(group -> group.members().stream().map(member -> Map.entry(member, group.id())))
                .collect(groupingBy(Map.Entry::getKey, mapping(Map.Entry::getValue, toSet())));
    }

    public Set<UUID> idsIn(UUID classId) {
        return store.in(List.of(classId)).stream().map(Group::id).collect(toSet());
    }

    /** All groups of a class that the reader is in or teaches. */
    List<Group> in(Person reader, UUID classId) {
        return store.in(List.of(people.requireClass(reader, classId).id()));
    }

    boolean mayMake(Person reader, UUID classId) {
        return reader.isTeacher() || store.mayStudentsMake(classId);
    }

    boolean mayStudentsMake(UUID classId) {
        return store.mayStudentsMake(classId);
    }

    static boolean mayChange(Person reader, Group group) {
        return reader.isTeacher() || group.madeBy().equals(reader.id());
    }

    /** Makes a group, or gives the one with this id another name and other members. */
    @Transactional
    public void keep(Person reader, UUID classId, UUID id, String name, List<UUID> members) {
        people.requireClass(reader, classId);
        var before = store.find(id);
        if (before.isEmpty() && store.isTaken(id)) {
            throw Refusal.notFound("group");
        }
        before.ifPresentOrElse(
                there -> requireChangeable(reader, classId, there), () -> requireMaking(reader, classId));
        var group = new Group(id, classId, name, before.map(Group::madeBy).orElse(reader.id()), members);
        requireOfClass(group);
        if (!reader.isTeacher() && !members.contains(reader.id())) {
            throw Refusal.unfit("You are in the groups that you make. Choose yourself as well.");
        }
        if (store.in(List.of(classId)).stream().anyMatch(group::isCalledLike)) {
            throw Refusal.unfit(
                    "Another group of the class is called “%s”. Choose another name.".formatted(group.name()));
        }
        store.put(group, clock.now());
    }

    private void requireMaking(Person reader, UUID classId) {
        if (!mayMake(reader, classId)) {
            throw Refusal.notNow("Your teacher makes the groups of this class.");
        }
    }

    private static void requireChangeable(Person reader, UUID classId, Group there) {
        if (!there.classId().equals(classId) || !mayChange(reader, there)) {
            throw Refusal.notFound("group");
        }
    }

    private void requireOfClass(Group group) {
        var students =
                people.studentsOf(group.classId()).stream().map(Person::id).collect(toSet());
        if (!students.containsAll(group.members())) {
            throw Refusal.unfit("Only students of the class are in its groups.");
        }
    }

    /** What was shown to it is seen by nobody through it from now on. */
    @Transactional
    public void end(Person reader, UUID classId, UUID id) {
        people.requireClass(reader, classId);
        var group = store.find(id).orElseThrow(() -> Refusal.notFound("group"));
        requireChangeable(reader, classId, group);
        store.end(id, clock.now());
    }

    @Transactional
    public void letStudentsMake(Person teacher, UUID classId, boolean may) {
        store.letStudentsMake(people.requireTaught(teacher, classId).id(), may);
    }

    /** Puts everybody who is in no group into new ones, by lot. */
    @Transactional
    public List<Group> split(Person teacher, UUID classId, int size) {
        people.requireTaught(teacher, classId);
        var there = store.in(List.of(classId));
        var placed = there.stream().flatMap(group -> group.members().stream()).collect(toSet());
        var loose = people.studentsOf(classId).stream()
                .map(Person::id)
                .filter(student -> !placed.contains(student))
                .toList();
        if (loose.isEmpty()) {
            throw Refusal.notNow("Everybody is in a group already.");
        }
        var taken = new HashSet<>(there.stream().map(Group::name).toList());
        var names = Stream.iterate(1, number -> number + 1)
                .map(number -> "Group " + number)
                .filter(name -> !taken.contains(name))
                .iterator();
        var made = Split.of(loose, size, new Random(clock.newId().getLeastSignificantBits())).stream()
                .map(members -> new Group(clock.newId(), classId, names.next(), teacher.id(), members))
                .toList();
        made.forEach(group -> store.put(group, clock.now()));
        return made;
    }
}
