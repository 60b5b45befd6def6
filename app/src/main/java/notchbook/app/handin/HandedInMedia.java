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
    private final SetWorkStore setWorks;
    private final People people;
    private final RemarkSounds sounds;

    HandedInMedia(HandInStore store, SetWorkStore setWorks, People people, RemarkSounds sounds) {
        this.store = store;
        this.sounds = sounds;
        this.setWorks = setWorks;
        this.people = people;
    }

    @Override
    public boolean lets(Person reader, UUID mediaId) {
        return reader.isTeacher() ? letsTeacher(reader, mediaId) : letsStudent(reader, mediaId);
    }

    private boolean letsStudent(Person student, UUID mediaId) {
        return sounds.versionsWith(mediaId).stream()
                .flatMap(id -> store.find(id).stream())
                .anyMatch(handIn -> handIn.studentId().equals(student.id())
                        && handIn.state().isReturned());
    }

    private boolean letsTeacher(Person reader, UUID mediaId) {
        var taught = people.classesOf(reader).stream().map(SchoolClass::id).toList();
        var heard = sounds.versionsWith(mediaId).stream()
                .flatMap(id -> store.find(id).stream())
                .map(HandIn::setWorkId);
        return Stream.concat(store.setWorkWithMedia(mediaId).stream(), heard)
                .flatMap(id -> setWorks.find(id).stream())
                .anyMatch(work -> taught.contains(work.classId()));
    }
}
