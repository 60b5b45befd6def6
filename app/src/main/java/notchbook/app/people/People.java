package notchbook.app.people;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Service;

/** Who is at the school, and in which class with whom. */
@Service
public class People {
    private final PersonStore store;

    People(PersonStore store) {
        this.store = store;
    }

    public Optional<Person> find(UUID id) {
        return store.find(id);
    }

    /** The name of a person who is known to be there. */
    public String nameOf(UUID id) {
        return find(id).map(Person::fullName).orElse("");
    }

    public List<SchoolClass> classesOf(Person person) {
        return store.classesOf(person.id());
    }

    /** A class that the reader is in or teaches; others do not exist for them. */
    public SchoolClass requireClass(Person reader, UUID classId) {
        return classesOf(reader).stream()
                .filter(found -> found.id().equals(classId))
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("class"));
    }

    /** A class that a teacher takes; for anyone else it does not exist here. */
    public SchoolClass requireTaught(Person teacher, UUID classId) {
        if (!teacher.isTeacher()) {
            throw Refusal.notFound("class");
        }
        return requireClass(teacher, classId);
    }

    /** The students of a class by name. */
    public List<Person> studentsOf(UUID classId) {
        return store.membersOf(classId, Role.STUDENT);
    }

    public List<Person> teachersOf(UUID classId) {
        return store.membersOf(classId, Role.TEACHER);
    }

    /** Enters a person with the hash of their password. */
    public void enter(Person person, String passwordHash) {
        store.insert(person, passwordHash);
    }

    public void enter(SchoolClass schoolClass, List<Person> members) {
        store.put(schoolClass, members.stream().map(Person::id).toList());
    }

    /** Everyone, by name. */
    public List<Person> all() {
        return store.all();
    }

    /** Every class by name, with the people in it. */
    public Map<SchoolClass, List<UUID>> classes() {
        return store.classes();
    }

    /** Makes a class, or changes its name and who is in it. */
    public void keep(SchoolClass schoolClass, List<UUID> members) {
        store.put(schoolClass, members);
    }

    /** Whether anybody but students has an account here. */
    public boolean hasStaff() {
        return store.hasStaff();
    }

    /** Whether nobody has been entered yet. */
    public boolean isEmpty() {
        return store.count() == 0;
    }
}
