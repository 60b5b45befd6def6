package notchbook.core.setwork;

import java.util.Collections;
import java.util.Set;
import java.util.UUID;

/** Of whom in a class something is asked: of all where nobody is named, else of these students and of whoever is in these groups. */
public record AskedOf(Set<UUID> students, Set<UUID> groups) {
    public static final AskedOf ALL = new AskedOf(Set.of(), Set.of());

    public AskedOf {
        students = Set.copyOf(students);
        groups = Set.copyOf(groups);
    }

    public boolean isAll() {
        return students.isEmpty() && groups.isEmpty();
    }

    /** Whether it is asked of a student who is in some groups now. */
    public boolean includes(UUID student, Set<UUID> groupsOfStudent) {
        return isAll() || students.contains(student) || !Collections.disjoint(groups, groupsOfStudent);
    }
}
