package notchbook.app.view;

import java.util.List;
import java.util.Set;
import java.util.UUID;

/** How a collection is looked at: the views that are kept, and what lies where on its board. */
public record ViewsOfCollection(List<NamedView> views, List<Place> places, List<Tie> ties) {
    /** What lies where of some things alone; how else they could be looked at stays at home. */
    ViewsOfCollection boardOf(Set<UUID> things) {
        return new ViewsOfCollection(
                List.of(),
                places.stream().filter(place -> things.contains(place.item())).toList(),
                ties.stream()
                        .filter(tie -> things.contains(tie.from()) && things.contains(tie.to()))
                        .toList());
    }
}
