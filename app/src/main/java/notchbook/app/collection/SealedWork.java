package notchbook.app.collection;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;

/** Versions that a student handed in, as things of collections; they lie in a room that builds on this one. */
public interface SealedWork {
    /** What a version is called that the person sent. */
    Optional<String> nameOf(Person person, UUID version);
}
