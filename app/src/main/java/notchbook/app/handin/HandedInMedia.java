package notchbook.app.handin;

import java.util.UUID;
import notchbook.app.media.MediaGrant;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.app.people.SchoolClass;
import org.springframework.stereotype.Component;

/** Teachers see the pictures and hear the sounds of what was handed in to their classes. */
@Component
class HandedInMedia implements MediaGrant {
    private final HandInStore store;
    private final SetWorkStore setWorks;
    private final People people;

    HandedInMedia(HandInStore store, SetWorkStore setWorks, People people) {
        this.store = store;
        this.setWorks = setWorks;
        this.people = people;
    }

    @Override
    public boolean lets(Person reader, UUID mediaId) {
        if (!reader.isTeacher()) {
            return false;
        }
        var taught = people.classesOf(reader).stream().map(SchoolClass::id).toList();
        return store.setWorkWithMedia(mediaId).stream()
                .flatMap(id -> setWorks.find(id).stream())
                .anyMatch(work -> taught.contains(work.classId()));
    }
}
