package notchbook.demo;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.collection.Collections;
import notchbook.app.collection.Resources;
import notchbook.app.entry.Entries;
import notchbook.app.entry.Entry;
import notchbook.app.entry.EntryKind;
import notchbook.app.entry.EntryPlace;
import notchbook.app.entry.EntryWidth;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.view.LookedAt;
import notchbook.demo.CollectionMaker.Gathered;
import notchbook.demo.NotebookMaker.Book;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Puts a collection to use on a page: one of its views, and words that cite one of its things. */
@Component
class PlacedMaker {
    private final NotebookEntries notebookEntries;
    private final Entries entries;
    private final Collections collections;
    private final Resources resources;
    private final LookedAt views;
    private final JsonMapper mapper;

    PlacedMaker(
            NotebookEntries notebookEntries,
            Entries entries,
            Collections collections,
            Resources resources,
            LookedAt views,
            JsonMapper mapper) {
        this.notebookEntries = notebookEntries;
        this.entries = entries;
        this.collections = collections;
        this.resources = resources;
        this.views = views;
        this.mapper = mapper;
    }

    /** On the page of the photo that is the cover too. */
    void make(Book book, Gathered costs, String photo, String cited, String words, String code) {
        var picture = notebookEntries.in(book.notebook()).stream()
                .filter(entry -> entry.caption().equals(photo))
                .findFirst()
                .orElseThrow();
        collections.cover(costs.owner(), costs.id(), picture.mediaId());
        resources.cutWhole(costs.owner(), costs.id(), book.nodes().get(code));
        var view = views.of(costs.owner(), costs.id()).views().getFirst();
        keep(
                book,
                picture,
                EntryKind.VIEW,
                mapper.createObjectNode()
                        .put("collection", costs.id().toString())
                        .put("view", view.id().toString())
                        .put("name", costs.title() + ": " + view.name()));
        keep(book, picture, EntryKind.TYPED, mapper.readTree("""
                        {"type":"doc","content":[{"type":"paragraph","content":[
                          {"type":"text","text":"%s "},
                          {"type":"text","text":"(Skerrow Town Council, 2025)",
                           "marks":[{"type":"link","attrs":{"href":"#thing-%s"}}]}]}]}
                        """.formatted(
                        words, costs.things().get(cited))));
    }

    private void keep(Book book, Entry beside, EntryKind kind, JsonNode content) {
        var id = UUID.randomUUID();
        entries.keep(
                book.owner(),
                new Entries.Change(
                        id,
                        0,
                        EntryPlace.on(beside.place().pageId(), EntryWidth.FULL),
                        kind,
                        content,
                        Optional.empty(),
                        "",
                        Optional.empty(),
                        Optional.of(beside.madeAt()),
                        "",
                        Optional.empty()));
        beside.notches().forEach(line -> entries.cut(book.owner(), id, line));
    }
}
