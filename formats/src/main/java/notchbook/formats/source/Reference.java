package notchbook.formats.source;

import java.util.UUID;

/** A line of a reference list, and how the same thing is named within a text. */
public record Reference(UUID id, String line, String inText) {}
