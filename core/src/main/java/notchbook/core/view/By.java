package notchbook.core.view;

/** A detail by its key, and how its values are held against each other. */
public record By(String detail, Scale scale) {}
