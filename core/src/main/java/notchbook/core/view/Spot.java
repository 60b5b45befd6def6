package notchbook.core.view;

/** Where the upper left corner of a card lies. */
public record Spot(String id, double x, double y) {}
