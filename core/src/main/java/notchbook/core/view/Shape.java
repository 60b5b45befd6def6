package notchbook.core.view;

/** What a view of a collection looks like. */
public enum Shape {
    LIST,
    TABLE,
    PICTURES,
    GROUPS,
    CHART,
    TIME,
    BOARD
}
