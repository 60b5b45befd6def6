package notchbook.app.syllabus;

import java.util.UUID;
import notchbook.app.media.MediaGrant;
import notchbook.app.people.Person;
import org.springframework.stereotype.Component;

/** Who may use an edition may open its official document. */
@Component
class EditionDocument implements MediaGrant {
    private final SyllabusStore store;

    EditionDocument(SyllabusStore store) {
        this.store = store;
    }

    @Override
    public boolean lets(Person reader, UUID mediaId) {
        var editions = store.editionsWithDocument(mediaId);
        return !editions.isEmpty()
                && store.editions(reader.id()).stream().map(EditionInfo::id).anyMatch(editions::contains);
    }
}
