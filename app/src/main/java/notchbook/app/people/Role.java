package notchbook.app.people;

/** What a person is at school. */
public enum Role {
    STUDENT,
    TEACHER
}
