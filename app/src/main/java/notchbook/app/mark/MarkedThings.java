package notchbook.app.mark;

import java.util.stream.Stream;
import notchbook.app.people.Person;

/** A room whose things carry marks beside the entries of pages. */
public interface MarkedThings {
    /** The marks on a person's own things that are in no bin. */
    Stream<PlacedMark> of(Person owner);
}
