package notchbook.app.setwork;

import java.util.UUID;
import notchbook.app.people.People;
import notchbook.app.people.Person;
import org.springframework.stereotype.Component;

/** Turns set work into what screens are sent. */
@Component
public class SetWorkMapper {
    private final People people;

    SetWorkMapper(People people) {
        this.people = people;
    }

    public SetWorkView view(Person reader, SetWork work) {
        return view(work, className(reader, work.classId()));
    }

    public SetWorkView view(SetWork work, String className) {
        return new SetWorkView(
                work.id(),
                work.classId(),
                className,
                work.title(),
                work.instructions(),
                work.topicId(),
                work.due(),
                people.nameOf(work.setBy()),
                AskedForView.of(work.asked()),
                work.criteria().all(),
                work.isTakenBack());
    }

    /** What a class is called; blank for one that the reader is not in any more. */
    public String className(Person reader, UUID classId) {
        return people.classesOf(reader).stream()
                .filter(found -> found.id().equals(classId))
                .map(found -> found.name())
                .findFirst()
                .orElse("");
    }
}
