package notchbook.app.collection;

import static java.util.stream.Collectors.toMap;

import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import org.springframework.stereotype.Component;

/** What things of collections lead to that has a screen of its own: pages, versions and other collections of their student. */
@Component
class Elsewhere {
    private final Pages pages;
    private final CollectionStore store;
    private final SealedWork sealed;

    Elsewhere(Pages pages, CollectionStore store, SealedWork sealed) {
        this.pages = pages;
        this.store = store;
        this.sealed = sealed;
    }

    /** What it is called now; empty where it is in the bin, or not the person's own. */
    Optional<String> nameOf(Person person, ItemKind kind, UUID id) {
        return switch (kind) {
            case PAGE -> pages.find(person, id).map(Page::title);
            case VERSION -> sealed.nameOf(person, id);
            case COLLECTION -> store.own(person.id(), id).map(CollectionStore.Collection::title);
            case LINK, NOTE, FILE, ENTRY -> Optional.empty();
        };
    }

    String require(Person person, ItemKind kind, Optional<UUID> id) {
        return id.flatMap(one -> nameOf(person, kind, one))
                .orElseThrow(() -> Refusal.unfit("Choose something of your own that is in no bin."));
    }

    /** The names of what some things lead to, by these things. */
    Map<UUID, String> names(Person person, Collection<Item> items) {
        return items.stream()
                .flatMap(item -> item.leadsTo().flatMap(id -> nameOf(person, item.kind(), id)).stream()
                        .map(name -> Map.entry(item.id(), name)))
                .collect(toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    /** The page that a thing is, while it is in no bin. */
    Optional<Page> page(Person person, Item item) {
        return item.leadsTo().filter(id -> item.kind() == ItemKind.PAGE).flatMap(id -> pages.find(person, id));
    }
}
