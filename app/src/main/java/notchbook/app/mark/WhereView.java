package notchbook.app.mark;

import java.util.Optional;
import java.util.UUID;

/** Where a mark stands, as screens are sent it: on an entry of a notebook's page, or on a thing of a collection, {@code on} either way. */
public record WhereView(
        UUID on,
        Optional<UUID> pageId,
        Optional<UUID> notebookId,
        Optional<UUID> collectionId,
        String notebook,
        String name) {
    public static WhereView of(Where where) {
        return switch (where) {
            case Where.OnPage at ->
                new WhereView(
                        at.on(),
                        Optional.of(at.page().id()),
                        Optional.of(at.notebook().id()),
                        Optional.empty(),
                        at.notebook().title(),
                        at.name());
            case Where.OnThing at ->
                new WhereView(at.on(), Optional.empty(), Optional.empty(), Optional.of(at.collection()), "", at.name());
        };
    }
}
