package notchbook.app.syllabus;

import java.util.UUID;
import notchbook.app.people.Person;

/** An edition in a list; {@code isKept} when it is the reader's to change. */
public record EditionLine(UUID id, String code, String title, boolean isKept) {
    public static EditionLine of(EditionInfo info, Person reader) {
        return new EditionLine(info.id(), info.code(), info.title(), info.isKeptBy(reader));
    }
}
