package notchbook.app.people;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;
import notchbook.app.platform.Refusal;

/** A person of the school; whoever is signed in is carried as one of these. */
public record Person(UUID id, String userName, String fullName, Role role) implements Principal, Serializable {
    /** The name that a session is found by. */
    @Override
    public String getName() {
        return userName;
    }

    public boolean isTeacher() {
        return role == Role.TEACHER;
    }

    public boolean isKeeper() {
        return role == Role.KEEPER;
    }

    /** Keeps everyone else out of what only a student has. */
    public void requireStudent() {
        if (role != Role.STUDENT) {
            throw Refusal.notFound("place");
        }
    }

    /** Keeps everyone else out of what only a teacher does. */
    public void requireTeacher() {
        if (!isTeacher()) {
            throw Refusal.notFound("place");
        }
    }

    /** Keeps everyone else out of where the people of a school are looked after. */
    public void requireKeeper() {
        if (!isKeeper()) {
            throw Refusal.notFound("place");
        }
    }
}
