package notchbook.app.collection;

import static java.util.stream.Collectors.toMap;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import notchbook.app.people.Person;
import notchbook.app.platform.Refusal;
import notchbook.app.platform.SchoolClock;
import notchbook.core.collection.Detail;
import notchbook.core.collection.DetailKind;
import notchbook.core.collection.UsedValues;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the things of a collection are told apart by, and the values that were used before. */
@Service
public class Details {
    private static final int MOST = 30;

    private final Collections collections;
    private final DetailStore store;
    private final SchoolClock clock;

    Details(Collections collections, DetailStore store, SchoolClock clock) {
        this.collections = collections;
        this.store = store;
        this.clock = clock;
    }

    /** A name that is used for a detail, with the values that are offered where it is used again. */
    record Used(String name, DetailKind kind, String unit, List<String> values) {}

    /** The details of a collection of the reader's own, in their order. */
    public List<Detail> of(Person reader, UUID collectionId) {
        return store.of(collections.require(reader, collectionId).id());
    }

    /** Adds a detail behind the others, or gives one another name and unit; of which kind it is stays as it began. */
    @Transactional
    public void keep(Person reader, UUID collectionId, Detail detail) {
        var there = of(reader, collectionId);
        var before = store.find(collectionId, detail.id());
        if (before.isPresent()) {
            store.rename(new Detail(detail.id(), detail.name(), before.get().kind(), detail.unit()));
            return;
        }
        if (there.size() >= MOST) {
            throw Refusal.unfit("A collection has up to 30 details. Delete one that tells nothing apart.");
        }
        store.insert(collectionId, detail, there.size());
        if (store.find(collectionId, detail.id()).isEmpty()) {
            throw Refusal.notFound("detail");
        }
    }

    /** Things keep their values, so that it comes back with them. */
    @Transactional
    void delete(Person reader, UUID collectionId, UUID id) {
        store.delete(require(reader, collectionId, id).id(), clock.now());
    }

    @Transactional
    void restore(Person reader, UUID collectionId, UUID id) {
        store.restore(require(reader, collectionId, id).id());
    }

    private Detail require(Person reader, UUID collectionId, UUID id) {
        collections.require(reader, collectionId);
        return store.find(collectionId, id).orElseThrow(() -> Refusal.notFound("detail"));
    }

    /** Puts one value in the place of some others, in all things of a collection. */
    @Transactional
    void merge(Person reader, UUID collectionId, UUID id, List<String> from, String into) {
        var detail = require(reader, collectionId, id);
        var value = detail.kind()
                .read(into)
                .orElseThrow(() -> Refusal.unfit(detail.kind().asks()));
        var changed = new HashMap<UUID, Map<UUID, List<String>>>();
        store.values(collectionId).forEach((item, values) -> {
            var now = new HashMap<>(values);
            now.computeIfPresent(id, (same, old) -> UsedValues.merged(old, from, value));
            if (!now.equals(values)) {
                changed.put(item, now);
            }
        });
        store.keep(changed);
    }

    /**
     * The values of a thing after some of them were typed anew; those of other details stay as they are. What is none of its kind is
     * refused in words.
     */
    Map<UUID, List<String>> filled(UUID collectionId, Map<UUID, List<String>> before, Map<UUID, List<String>> typed) {
        var details = store.of(collectionId).stream().collect(toMap(Detail::id, detail -> detail));
        var now = new LinkedHashMap<>(before);
        typed.forEach((id, values) -> {
            if (!details.containsKey(id)) {
                throw Refusal.notFound("detail");
            }
            now.put(id, details.get(id).read(values));
        });
        now.values().removeIf(List::isEmpty);
        return now;
    }

    /** The names and values that are offered in a collection: its own first, then those of the reader's others. */
    List<Used> offered(Person reader, UUID collectionId) {
        collections.require(reader, collectionId);
        var everywhere = store.ofPerson(reader.id());
        var used = new LinkedHashMap<String, Used>();
        everywhere.getOrDefault(collectionId, List.of()).forEach(detail -> used.put(name(detail), used(detail)));
        everywhere.values().stream()
                .flatMap(List::stream)
                .forEach(detail -> used.putIfAbsent(name(detail), used(detail)));
        var here = values(everywhere, collectionId, true);
        var elsewhere = values(everywhere, collectionId, false);
        return used.entrySet().stream()
                .map(one -> new Used(
                        one.getValue().name(),
                        one.getValue().kind(),
                        one.getValue().unit(),
                        UsedValues.offered(
                                here.getOrDefault(one.getKey(), List.of()),
                                elsewhere.getOrDefault(one.getKey(), List.of()))))
                .toList();
    }

    private static String name(Detail detail) {
        return detail.name().toLowerCase(Locale.ROOT);
    }

    private static Used used(Detail detail) {
        return new Used(detail.name(), detail.kind(), detail.unit(), List.of());
    }

    /** The values by the names of their details, in one collection or in all others. */
    private Map<String, List<String>> values(Map<UUID, List<Detail>> everywhere, UUID collectionId, boolean isHere) {
        var byName = new HashMap<String, List<String>>();
        everywhere.forEach((collection, details) -> {
            if (collection.equals(collectionId) == isHere) {
                var values = store.values(collection).values();
                details.forEach(detail -> byName.computeIfAbsent(name(detail), any -> new ArrayList<>())
                        .addAll(values.stream()
                                .flatMap(one -> one.getOrDefault(detail.id(), List.of()).stream())
                                .toList()));
            }
        });
        return byName;
    }
}
