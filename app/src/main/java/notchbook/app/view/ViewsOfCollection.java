package notchbook.app.view;

import java.util.List;

/** How a collection is looked at: the views that are kept, and what lies where on its board. */
public record ViewsOfCollection(List<NamedView> views, List<Place> places, List<Tie> ties) {}
