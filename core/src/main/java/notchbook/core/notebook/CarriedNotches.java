package notchbook.core.notebook;

import static java.util.stream.Collectors.toSet;

import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.core.syllabus.Edition;
import notchbook.core.syllabus.SyllabusNode;

/** What a page's notches are worth in a notebook of another edition. */
public final class CarriedNotches {
    private CarriedNotches() {}

    /**
     * The points and topics of {@code to} that notches in {@code from} mean there: the same one, else the one with the
     * same code and the same words. A notch that means nothing there stays as it is and counts again when the page comes
     * back.
     */
    public static Set<UUID> of(Set<UUID> notches, Edition from, Edition to) {
        return notches.stream().flatMap(notch -> carried(notch, from, to)).collect(toSet());
    }

    private static Stream<UUID> carried(UUID notch, Edition from, Edition to) {
        if (to.find(notch).isPresent()) {
            return Stream.of(notch);
        }
        return from.find(notch).stream()
                .flatMap(node -> to.nodes().filter(other -> isSame(node, other)))
                .map(SyllabusNode::id);
    }

    private static boolean isSame(SyllabusNode one, SyllabusNode other) {
        return one.code().equals(other.code()) && one.title().equals(other.title()) && one.kind() == other.kind();
    }
}
