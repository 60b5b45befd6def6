package notchbook.app.syllabus;

import java.util.UUID;

/** An edition by the name that a person chooses it by. */
public record EditionInfo(UUID id, String code, String title) {}
