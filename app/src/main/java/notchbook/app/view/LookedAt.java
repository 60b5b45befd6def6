package notchbook.app.view;

import java.util.UUID;
import notchbook.app.people.Person;
import org.springframework.stereotype.Component;

/** Everything by which a collection is looked at. */
@Component
public class LookedAt {
    private final KeptViews views;
    private final Boards boards;

    LookedAt(KeptViews views, Boards boards) {
        this.views = views;
        this.boards = boards;
    }

    public ViewsOfCollection of(Person owner, UUID collectionId) {
        return new ViewsOfCollection(
                views.of(owner, collectionId), boards.places(owner, collectionId), boards.ties(owner, collectionId));
    }
}
