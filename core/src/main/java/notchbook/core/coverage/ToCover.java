package notchbook.core.coverage;

import java.util.Optional;
import java.util.UUID;

/** A point that a section is to cover: the student's own tick beside what the notches say. */
public record ToCover(UUID point, String code, String statement, boolean isTicked, boolean isCovered) {
    /** Where the two disagree, in words; nothing where they agree. */
    public Optional<String> disagreement() {
        if (isTicked == isCovered) {
            return Optional.empty();
        }
        return Optional.of(isTicked ? "Ticked, but nothing is notched" : "Notched, but not ticked");
    }
}
