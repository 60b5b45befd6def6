package notchbook.app.handin;

import java.time.LocalDate;
import java.util.UUID;

/** What a teacher asks a class for, with the syllabus topic that it is about. */
public record SetWork(
        UUID id, UUID classId, String title, String instructions, UUID topicId, LocalDate due, UUID setBy) {}
