package notchbook.app.view;

import java.util.UUID;

/** A line with words between two things on a board; it may lead from the one to the other. */
public record Tie(UUID id, UUID from, UUID to, String words, boolean isDirected) {}
