package notchbook.app.handin;

import java.time.LocalDate;
import java.util.UUID;
import notchbook.core.handin.Asked;
import notchbook.core.handin.Criteria;

/** What a teacher asks a class for, with the syllabus topic that it is about and by what it is judged. */
public record SetWork(
        UUID id,
        UUID classId,
        String title,
        String instructions,
        UUID topicId,
        LocalDate due,
        UUID setBy,
        Asked asked,
        Criteria criteria) {}
