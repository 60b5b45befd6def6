package notchbook.app.handin;

import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.media.MediaGrant;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import notchbook.app.remark.RemarkSounds;
import org.springframework.stereotype.Component;

/**
 * Teachers see the pictures and hear the sounds of what was handed in to their classes; both they and the student hear what
 * was said about it.
 */
@Component
class HandedInMedia implements MediaGrant {
    private final HandInStore store;
    private final People people;
    private final RemarkSounds sounds;

    HandedInMedia(HandInStore store, People people, RemarkSounds sounds) {
        this.store = store;
        this.sounds = sounds;
        this.people = people;
    }

    @Override
    public boolean lets(Person reader, UUID mediaId) {
        return reader.isTeacher() ? letsTeacher(reader, mediaId) : letsStudent(reader, mediaId);
    }

    /** Those who made a work together see all of it; what was said about it they hear when it comes back. */
    private boolean letsStudent(Person student, UUID mediaId) {
        return spokenAbout(mediaId)
                        .anyMatch(handIn ->
                                handIn.isBy(student.id()) && handIn.state().isReturned())
                || store.withMedia(mediaId).stream().anyMatch(handIn -> handIn.isBy(student.id()));
    }

    private boolean letsTeacher(Person reader, UUID mediaId) {
        var taught = people.classesOf(reader).stream().map(SchoolClass::id).toList();
        return Stream.concat(store.withMedia(mediaId).stream(), spokenAbout(mediaId))
                .anyMatch(handIn -> taught.contains(handIn.to().classId()));
    }

    private Stream<HandIn> spokenAbout(UUID mediaId) {
        return sounds.versionsWith(mediaId).stream().flatMap(id -> store.find(id).stream());
    }
}
