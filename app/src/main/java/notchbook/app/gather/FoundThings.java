package notchbook.app.gather;

import java.util.List;
import java.util.Optional;
import notchbook.app.collection.Told;
import notchbook.core.collection.Detail;

/** What is in a file: its things in their order, how many lead nowhere or have no name, and the details that they are told apart by. */
record FoundThings(List<FoundThing> things, int leftOut, List<Detail> details) {
    /** A link where it has an address, else a note. */
    record FoundThing(String title, String note, Optional<String> url, Told told) {}
}
