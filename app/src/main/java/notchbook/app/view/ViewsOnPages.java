package notchbook.app.view;

import static java.util.function.Function.identity;
import static java.util.stream.Collectors.toMap;
import static java.util.stream.Collectors.toSet;

import com.ibm.icu.text.Collator;
import com.ibm.icu.text.RuleBasedCollator;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import notchbook.app.collection.CollectionDesk;
import notchbook.app.collection.CollectionViews.CollectionView;
import notchbook.app.collection.CollectionViews.EntryPlace;
import notchbook.app.collection.CollectionViews.ItemView;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryContent;
import notchbook.app.entry.PlacedView;
import notchbook.app.media.MediaKind;
import notchbook.app.people.Person;
import notchbook.core.collection.ViewText;
import notchbook.core.text.Document;
import notchbook.core.view.Chart;
import notchbook.core.view.Look;
import notchbook.core.view.Shape;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Views of collections that stand on pages: live for their student, and as they were in what is sealed. */
@Component
public class ViewsOnPages {
    private static final Look AS_IT_IS = new Look(
            Shape.LIST,
            "",
            Map.of(),
            List.of(),
            Optional.empty(),
            Chart.Height.COUNT,
            Optional.empty(),
            Optional.empty(),
            List.of());

    private final CollectionDesk collections;
    private final LookedAt lookedAt;
    private final JsonMapper mapper;

    ViewsOnPages(CollectionDesk collections, LookedAt lookedAt, JsonMapper mapper) {
        this.collections = collections;
        this.lookedAt = lookedAt;
        this.mapper = mapper;
    }

    /** A view as it was: the content of its entry, and the pictures that are seen in it. */
    public record AsItWas(String content, Set<UUID> pictures) {}

    /** Everything of it that a screen needs to show it as it was. */
    private record Seen(Look look, CollectionView collection, ViewsOfCollection views) {}

    /** The views among some entries as they are now, by their entries; one whose collection is in the bin is left out. */
    public Map<UUID, AsItWas> asTheyAre(Person owner, List<Entry> entries) {
        return entries.stream()
                .flatMap(entry -> entry.placedView().flatMap(view -> asItIs(owner, view)).stream()
                        .map(seen -> Map.entry(entry.id(), seen)))
                .collect(toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private Optional<AsItWas> asItIs(Person owner, PlacedView placed) {
        return collections.toBeRead(owner, placed.collection()).map(found -> {
            var views = lookedAt.of(owner, placed.collection());
            var look = placed.view()
                    .flatMap(id -> views.views().stream()
                            .filter(one -> one.id().equals(id))
                            .findFirst())
                    .map(NamedView::look)
                    .orElse(AS_IT_IS);
            var things = seen(found, look);
            var collection = found.only(things, told(found, look));
            var seen = new Seen(look, collection, views.boardOf(things));
            return new AsItWas(
                    EntryContent.ofView(placed, mapper.valueToTree(seen), text(seen))
                            .json(),
                    pictures(collection));
        });
    }

    /** What a view leaves out does not leave with it. */
    private static Set<UUID> seen(CollectionView collection, Look look) {
        var aspects = new Aspects(collection.details());
        return look
                .narrowing()
                .of(collection.items().stream().map(aspects::thing).toList())
                .stream()
                .map(thing -> UUID.fromString(thing.id()))
                .collect(toSet());
    }

    private static Set<UUID> told(CollectionView collection, Look look) {
        return look
                .seenOf(collection.details().stream()
                        .map(detail -> detail.id().toString())
                        .toList())
                .stream()
                .map(UUID::fromString)
                .collect(toSet());
    }

    /** A collection of somebody's own as text, as a look shows it. */
    Document text(Person owner, CollectionView collection, Look look) {
        return text(new Seen(look, collection, lookedAt.of(owner, collection.id())));
    }

    private static Set<UUID> pictures(CollectionView collection) {
        return collection.items().stream()
                .flatMap(item -> Stream.of(
                                item.media()
                                        .filter(file -> file.kind() == MediaKind.PHOTO)
                                        .map(file -> file.id()),
                                item.entry().flatMap(EntryPlace::pictureId),
                                item.card().flatMap(card -> card.pictureId()))
                        .flatMap(Optional::stream))
                .collect(toSet());
    }

    private static Document text(Seen seen) {
        var aspects = new Aspects(seen.collection().details());
        var names = seen.collection().items().stream().collect(toMap(ItemView::id, identity()));
        return ViewText.of(
                seen.collection().items().stream().map(aspects::thing).toList(),
                seen.look(),
                aspects.all(),
                aspects.own(),
                aspects.by(seen.look().shape() == Shape.TIME),
                seen.views().ties().stream()
                        .filter(tie -> names.containsKey(tie.from()) && names.containsKey(tie.to()))
                        .map(tie -> new ViewText.Tied(
                                names.get(tie.from()).title(),
                                names.get(tie.to()).title(),
                                tie.words(),
                                tie.isDirected()))
                        .toList(),
                inOrder());
    }

    /** As on the screen: small and capital letters are the same, and numbers within words count as numbers. */
    private static Comparator<String> inOrder() {
        var order = (RuleBasedCollator) Collator.getInstance(Locale.UK);
        order.setNumericCollation(true);
        order.setStrength(Collator.SECONDARY);
        return order::compare;
    }
}
