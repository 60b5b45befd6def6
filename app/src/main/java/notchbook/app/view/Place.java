package notchbook.app.view;

import java.util.UUID;

/** Where the card of a thing lies on the board. */
public record Place(UUID item, double x, double y) {}
