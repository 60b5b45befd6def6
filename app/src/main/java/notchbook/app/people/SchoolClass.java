package notchbook.app.people;

import java.util.UUID;

/** A class: students and the teachers who take them. */
public record SchoolClass(UUID id, String name) {}
