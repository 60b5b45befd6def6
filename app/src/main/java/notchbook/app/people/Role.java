package notchbook.app.people;

/** What a person is at school. */
public enum Role {
    STUDENT,
    TEACHER,
    /** Looks after the people and classes of a school, and reads no work. */
    KEEPER
}
