package notchbook.app.notebook;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import notchbook.core.syllabus.ExamChoice;

/** One subject of one student, tied to a syllabus edition and the exam that the student sits. */
public record Notebook(
        UUID id,
        UUID ownerId,
        Optional<UUID> classId,
        UUID editionId,
        String title,
        ExamChoice exam,
        Optional<LocalDate> examDay,
        CoverColour cover) {}
