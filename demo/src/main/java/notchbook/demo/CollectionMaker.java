package notchbook.demo;

import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.collection.Collections;
import notchbook.app.collection.ItemKind;
import notchbook.app.collection.Resources;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.people.Person;
import notchbook.app.show.Showing;
import notchbook.core.collection.Note;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;

/** Gathers Marlo's collections, and those that a classmate and a teacher show. */
@Component
class CollectionMaker {
    private final Cast cast;
    private final NotebookEntries notebookEntries;
    private final Collections collections;
    private final Resources resources;
    private final MediaMaker files;
    private final DetailMaker details;
    private final Showing showing;
    private final PlacedMaker placed;

    CollectionMaker(
            Cast cast,
            NotebookEntries notebookEntries,
            Collections collections,
            Resources resources,
            MediaMaker files,
            DetailMaker details,
            Showing showing,
            PlacedMaker placed) {
        this.placed = placed;
        this.showing = showing;
        this.cast = cast;
        this.notebookEntries = notebookEntries;
        this.collections = collections;
        this.resources = resources;
        this.files = files;
        this.details = details;
    }

    /** A collection with its things by their titles. */
    record Gathered(UUID id, Person owner, String title, Map<String, UUID> things) {}

    void make(Book geography, Book physics) {
        var costs = collection("Sea defences: what each one costs", "For the coast write-up");
        var report =
                link(costs, "Town report on the sea wall", "http://skerrow.example/wall", "Page 12 has the costs.");
        helpsWith(geography, costs, report, "2.5a", "2.5c");
        helpsWith(
                geography, costs, link(costs, "Rock armour fact page", "http://oddly.example/rock-armour", ""), "2.5a");
        entries(geography, costs, "Recurved wall, our field trip", "Warden on the groynes");
        var sand = note(costs, "Beach nourishment", "Has to be done again and again.");
        helpsWith(geography, costs, sand, "2.5c");
        note(costs, "Dune fences", "Merle Dunes has them on both sides of the path.");
        note(costs, "Marram planting at Merle Dunes", "Two weekends with the whole village.");
        link(costs, "Downdrift beach, 1990 and now", "http://oddly.example/beach-1990", "");
        link(costs, "Who decides? Council minutes", "http://skerrow.example/minutes", "Item 4 of the meeting in May.");
        file(costs, "Questions for the warden.txt", "1. Who pays?\n2. What happens at Merle Dunes?\n");
        var films = collection("Waves, to look at again", "Before the paper in spring");
        var tank = link(films, "Ripple tank in slow motion", "http://films.example/ripple-tank", "From 2:10 on.");
        helpsWith(physics, films, tank, "1.2f", "3.2f");
        link(films, "How a strobe makes waves stand", "http://films.example/strobe", "");
        link(films, "Slinky from one end to the other", "http://films.example/slinky", "");
        link(films, "Two sources, one pattern", "http://films.example/two-sources", "");
        entries(physics, films, "Ripple tank from above, motor on slow", "Counting the flashes");
        var sky = collection("Open: why is the sky blue?", "Only for exams from 2028");
        link(sky, "Scattering, explained with milk", "http://kitchen.example/milk-sky", "Try it at home.");
        link(sky, "Why sunsets are red", "http://kitchen.example/red-sky", "");
        note(sky, "A question to Ms Tolland", "Why is it not violet, when violet is scattered even more?");
        details.make(List.of(costs, films, sky));
        placed.make(
                geography,
                costs,
                "Recurved wall, our field trip",
                "Town report on the sea wall",
                "All that stands between the town and the tide was paid for by the town itself.",
                "2.5");
        showing.toPerson(cast.marlo, costs.id(), cast.farrant.id());
        shown(physics);
    }

    /** What others show to Marlo's physics class. */
    private void shown(Book physics) {
        var reading = collection(cast.tolland, "To read on sound", "Before the paper in December");
        helpsWith(
                physics,
                reading,
                link(
                        reading,
                        "Sonar, from the lab itself",
                        "http://echo-lab.example/sonar",
                        "Read as far as the second picture."),
                "2.3a",
                "2.3b");
        note(reading, "What to look for", "How long the sound takes, there and back, and what it meets on the way.");
        showing.toClass(cast.tolland, reading.id(), cast.physics.id());
        var rue = cast.classmates.stream()
                .filter(one -> one.userName().equals("rue"))
                .findFirst()
                .orElseThrow();
        var ears = collection(rue, "Ears of all kinds", "For my talk in the spring");
        link(ears, "Sonar and bats", "http://echo-lab.example/sonar", "The part on bats is at the end.");
        note(ears, "A moth that hears nothing else", "Its ear is tuned to one bat alone.");
        file(ears, "Highest notes.csv", "Who,kHz\nMe,17\nMy gran,9\nOur dog,40\n");
        showing.toClass(rue, ears.id(), cast.physics.id());
    }

    private Gathered collection(String title, String purpose) {
        return collection(cast.marlo, title, purpose);
    }

    private Gathered collection(Person owner, String title, String purpose) {
        var id = UUID.randomUUID();
        collections.keep(owner, id, title, purpose);
        return new Gathered(id, owner, title, new HashMap<>());
    }

    private void helpsWith(Book book, Gathered collection, UUID item, String... codes) {
        for (var code : codes) {
            resources.cut(
                    collection.owner(), collection.id(), item, book.nodes().get(code));
        }
    }

    private UUID link(Gathered collection, String title, String url, String note) {
        return add(collection, ItemKind.LINK, title, note, Optional.of(url), Optional.empty(), Optional.empty());
    }

    private UUID note(Gathered collection, String title, String words) {
        return add(collection, ItemKind.NOTE, title, words, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private void file(Gathered collection, String name, String content) {
        var media = files.keep(collection.owner(), name, content.getBytes(StandardCharsets.UTF_8));
        add(collection, ItemKind.FILE, name, "", Optional.empty(), Optional.of(media), Optional.empty());
    }

    private void entries(Book book, Gathered collection, String... captions) {
        notebookEntries.in(book.notebook()).stream()
                .filter(entry -> List.of(captions).contains(entry.caption()))
                .forEach(entry -> add(
                        collection,
                        ItemKind.ENTRY,
                        entry.caption(),
                        "",
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(entry.id())));
    }

    private UUID add(
            Gathered collection,
            ItemKind kind,
            String title,
            String note,
            Optional<String> url,
            Optional<UUID> media,
            Optional<UUID> entry) {
        var id = UUID.randomUUID();
        collections.add(
                collection.owner(),
                collection.id(),
                new Collections.NewItem(id, kind, title, Note.of(note), url, media, entry, Optional.empty()));
        collection.things().put(title, id);
        return id;
    }
}
