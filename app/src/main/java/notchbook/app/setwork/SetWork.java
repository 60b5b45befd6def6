package notchbook.app.setwork;

import java.time.Instant;
import java.util.UUID;
import notchbook.core.setwork.Asked;
import notchbook.core.setwork.AskedOf;
import notchbook.core.setwork.Criteria;
import notchbook.core.setwork.DueDays;

/**
 * What a teacher asks a class, or some of it, for, with the syllabus topic that it is about and by what it is judged. What was taken back is
 * asked for no longer.
 */
public record SetWork(
        UUID id,
        UUID classId,
        String title,
        String instructions,
        UUID topicId,
        DueDays due,
        UUID setBy,
        AskedOf askedOf,
        Asked asked,
        Criteria criteria,
        Instant setAt,
        boolean isTakenBack) {
    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_INSTRUCTIONS = 2_000;

    public SetWork {
        if (title.isBlank() || title.length() > LONGEST_TITLE || instructions.length() > LONGEST_INSTRUCTIONS) {
            throw new IllegalArgumentException(
                    "Give it a title of up to 120 characters, and instructions of up to 2,000.");
        }
    }
}
