package notchbook.core.syllabus;

/** One row of a syllabus file as it was written, with the line that it stands on, counted from 1. */
public record SyllabusRow(
        int line,
        String code,
        String parent,
        String title,
        String statement,
        String weight,
        String tier,
        String years) {}
