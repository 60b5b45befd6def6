package notchbook.core.growth;

import java.util.List;
import java.util.Optional;

/**
 * A figure at two moments, in words such as "2 of 5"; a side that lacks its data is empty. {@code what} says what it counts, {@code why}
 * how it came about.
 */
public record Change(String what, Optional<String> earlier, Optional<String> later, List<String> why) {
    boolean isKnown() {
        return earlier.isPresent() || later.isPresent();
    }
}
