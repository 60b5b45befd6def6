package notchbook.app.notebook;

import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import notchbook.core.syllabus.ExamYears;

/**
 * A part of a notebook; {@code topics} are the syllabus nodes that it is about, {@code years} the exam years that need it,
 * {@code monday} the week that it was made for.
 */
public record Section(
        UUID id,
        UUID notebookId,
        Optional<UUID> parent,
        String title,
        int position,
        Set<UUID> topics,
        ExamYears years,
        Optional<LocalDate> monday) {}
