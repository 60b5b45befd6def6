package notchbook.app.noticeboard;

import notchbook.app.people.People;
import notchbook.app.people.Person;
import notchbook.core.noticeboard.Piece;
import notchbook.core.noticeboard.Viewer;
import org.springframework.stereotype.Component;

/** What somebody is to a piece; who has left its class is nothing to it any more. */
@Component
class Viewers {
    private final People people;

    Viewers(People people) {
        this.people = people;
    }

    Viewer of(Person reader, Piece piece) {
        if (piece.ownerId().equals(reader.id())) {
            return Viewer.OWNER;
        }
        if (people.classesOf(reader).stream().noneMatch(one -> one.id().equals(piece.classId()))) {
            return Viewer.OTHER;
        }
        return reader.isTeacher() ? Viewer.TEACHER : Viewer.CLASSMATE;
    }

    boolean sees(Person reader, Piece piece) {
        return piece.isSeenBy(of(reader, piece));
    }
}
