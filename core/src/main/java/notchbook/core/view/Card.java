package notchbook.core.view;

/** A card of a board: its size, and the value that it is coloured by, blank where it has none. */
public record Card(String id, double width, double height, String group) {}
