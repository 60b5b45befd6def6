package notchbook.core.syllabus;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;

/**
 * One line of a syllabus. A point carries a statement and nothing below it; a unit has no parent; a topic is what
 * lies between. The weight is a share of the exam's marks in per cent of the whole exam; the identifier is the board's
 * own name for the line, which stays the same from edition to edition.
 */
public record SyllabusNode(
        UUID id,
        Optional<UUID> parent,
        Kind kind,
        String code,
        String title,
        OptionalDouble weight,
        Tier tier,
        ExamYears years,
        Optional<String> identifier,
        String note,
        Origin origin) {

    public enum Kind {
        UNIT,
        TOPIC,
        POINT
    }

    /** Whether a line is of the edition, or a student added it to a notebook, where alone it counts. */
    public enum Origin {
        EDITION,
        OWN
    }

    /** The same line under another one. */
    public SyllabusNode under(UUID newParent) {
        return new SyllabusNode(
                id, Optional.of(newParent), kind, code, title, weight, tier, years, identifier, note, origin);
    }

    public boolean isPoint() {
        return kind == Kind.POINT;
    }

    /** A unit or topic as it is read: its code and its title. */
    public String name() {
        return code + " " + title;
    }
}
