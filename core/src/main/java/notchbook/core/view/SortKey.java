package notchbook.core.view;

/** One of the details that things are sorted by. */
public record SortKey(By by, boolean isFalling) {}
