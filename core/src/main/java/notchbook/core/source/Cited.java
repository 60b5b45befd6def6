package notchbook.core.source;

import java.util.Optional;
import java.util.UUID;

/** A thing that can be cited: what it is called, its address where it has one, and where it comes from. */
public record Cited(UUID id, String title, Optional<String> address, Source source) {}
