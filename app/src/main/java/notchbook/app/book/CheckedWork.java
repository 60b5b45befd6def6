package notchbook.app.book;

import java.util.Set;
import java.util.UUID;
import notchbook.app.people.Person;

/** What teachers said about a student's work; it lies in a room that builds on this one. */
public interface CheckedWork {
    /** The entries of checked versions on which there is no remark in any version. */
    Set<UUID> withoutRemark(Person student);
}
