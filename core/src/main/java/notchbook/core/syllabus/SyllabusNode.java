package notchbook.core.syllabus;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;

/**
 * One line of a syllabus. A point carries a statement and nothing below it; a unit has no parent; a topic is what
 * lies between. The weight is a share of the exam's marks in per cent of the whole exam.
 */
public record SyllabusNode(
        UUID id,
        Optional<UUID> parent,
        Kind kind,
        String code,
        String title,
        OptionalDouble weight,
        Tier tier,
        ExamYears years) {

    public enum Kind {
        UNIT,
        TOPIC,
        POINT
    }

    public boolean isPoint() {
        return kind == Kind.POINT;
    }
}
