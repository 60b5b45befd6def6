package notchbook.app.setwork;

import java.util.Map;
import java.util.Set;
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
        return view(reader, work, className(reader, work.classId()));
    }

    public SetWorkView view(Person reader, SetWork work, String className) {
        var isForTeachers = reader.isTeacher();
        var due = work.due().of(reader.id());
        return new SetWorkView(
                work.id(),
                work.classId(),
                className,
                work.title(),
                work.instructions(),
                work.topicId(),
                due.day(),
                due.hour(),
                people.nameOf(work.setBy()),
                AskedForView.of(work.asked()),
                work.criteria().all(),
                work.isTakenBack(),
                isForTeachers ? work.askedOf().students() : Set.of(),
                isForTeachers ? work.askedOf().groups() : Set.of(),
                isForTeachers ? work.due().longer() : Map.of());
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
