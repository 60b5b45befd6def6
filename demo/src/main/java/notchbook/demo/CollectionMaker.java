package notchbook.demo;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.collection.Collections;
import notchbook.app.collection.ItemKind;
import notchbook.app.collection.Resources;
import notchbook.app.entry.NotebookEntries;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;

/** Gathers Marlo's collections. */
@Component
class CollectionMaker {
    private final Cast cast;
    private final NotebookEntries notebookEntries;
    private final Collections collections;
    private final Resources resources;
    private final MediaMaker files;

    CollectionMaker(
            Cast cast,
            NotebookEntries notebookEntries,
            Collections collections,
            Resources resources,
            MediaMaker files) {
        this.cast = cast;
        this.notebookEntries = notebookEntries;
        this.collections = collections;
        this.resources = resources;
        this.files = files;
    }

    void make(Book geography, Book physics) {
        var costs = collection("Sea defences: what each one costs", "For the coast write-up");
        var report =
                link(costs, "Town report on the sea wall", "http://skerrow.example/wall", "Page 12 has the costs.");
        helpsWith(geography, costs, report, "2.5a", "2.5c");
        entries(geography, costs, "Recurved wall, our field trip", "Warden on the groynes");
        note(costs, "Beach nourishment", "840 a metre, lasts 5 years. Has to be done again and again.");
        note(costs, "Dune fences", "95 a metre, lasts 4 years. Merle Dunes has them.");
        file(costs, "Questions for the warden.txt", "1. Who pays?\n2. What happens at Merle Dunes?\n");
        var films = collection("Waves, to look at again", "Before the paper in spring");
        var tank = link(films, "Ripple tank in slow motion", "http://films.example/ripple-tank", "From 2:10 on.");
        helpsWith(physics, films, tank, "1.2f", "3.2f");
        link(films, "How a strobe makes waves stand", "http://films.example/strobe", "");
        entries(physics, films, "Ripple tank from above, motor on slow", "Counting the flashes");
        var sky = collection("Open: why is the sky blue?", "Only for exams from 2028");
        link(sky, "Scattering, explained with milk", "http://kitchen.example/milk-sky", "Try it at home.");
    }

    private UUID collection(String title, String purpose) {
        var id = UUID.randomUUID();
        collections.keep(cast.marlo, id, title, purpose);
        return id;
    }

    private void helpsWith(Book book, UUID collection, UUID item, String... codes) {
        for (var code : codes) {
            resources.cut(cast.marlo, collection, item, book.nodes().get(code));
        }
    }

    private UUID link(UUID collection, String title, String url, String note) {
        return add(collection, ItemKind.LINK, title, note, Optional.of(url), Optional.empty(), Optional.empty());
    }

    private void note(UUID collection, String title, String words) {
        add(collection, ItemKind.NOTE, title, words, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private void file(UUID collection, String name, String content) {
        var media = files.keep(cast.marlo, name, content.getBytes(StandardCharsets.UTF_8));
        add(collection, ItemKind.FILE, name, "", Optional.empty(), Optional.of(media), Optional.empty());
    }

    private void entries(Book book, UUID collection, String... captions) {
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
            UUID collection,
            ItemKind kind,
            String title,
            String note,
            Optional<String> url,
            Optional<UUID> media,
            Optional<UUID> entry) {
        var id = UUID.randomUUID();
        collections.add(cast.marlo, collection, new Collections.NewItem(id, kind, title, note, url, media, entry));
        return id;
    }
}
