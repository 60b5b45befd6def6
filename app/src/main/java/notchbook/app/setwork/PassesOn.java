package notchbook.app.setwork;

import java.util.Set;
import java.util.UUID;
import notchbook.app.people.Person;

/** Whoever passes a teacher's words on. */
public interface PassesOn {
    /** Tells some students something about set work, and nobody else. */
    void say(Person teacher, SetWork about, String words, Set<UUID> students);
}
