package notchbook.app.syllabus;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.people.Person;

/**
 * An edition by the name that a person chooses it by. Who added it keeps it; what nobody added is the school's, and any
 * teacher keeps that. A blank one has no lines: it stands for the syllabus that a notebook has none of yet.
 */
public record EditionInfo(
        UUID id,
        String code,
        String title,
        int version,
        Instant changedAt,
        Optional<UUID> addedBy,
        Optional<UUID> documentId,
        boolean isBlank) {

    /** Code and title, as in a list. */
    public String name() {
        return code + " " + title;
    }

    boolean isKeptBy(Person person) {
        return addedBy.map(person.id()::equals).orElseGet(person::isTeacher);
    }
}
