package notchbook.app.view;

import java.util.UUID;
import notchbook.core.view.Look;

/** A view that is kept under a name. */
public record NamedView(UUID id, String name, Look look) {}
