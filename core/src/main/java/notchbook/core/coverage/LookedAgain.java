package notchbook.core.coverage;

import java.time.LocalDate;
import java.util.UUID;

/** A day on which the student said of a topic: looked at again. */
public record LookedAgain(UUID topic, LocalDate day) {}
