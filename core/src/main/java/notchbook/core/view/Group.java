package notchbook.core.view;

import java.util.List;

/** Things that share a value of a detail. */
public record Group(String value, List<Thing> things) {}
