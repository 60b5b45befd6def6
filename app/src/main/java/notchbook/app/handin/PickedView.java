package notchbook.app.handin;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.Refusal;
import notchbook.core.handin.Picked;

/** What was picked, as it is sent: a section; or pages; or a notebook with the Monday of a sheet; or a book; or a collection. */
record PickedView(
        Optional<UUID> section,
        List<UUID> pages,
        Optional<UUID> notebook,
        Optional<LocalDate> monday,
        Optional<UUID> book,
        Optional<UUID> collection) {
    static PickedView of(Picked picked) {
        return switch (picked) {
            case Picked.OfSection(var section) ->
                NOTHING.with(Optional.of(section), Optional.empty(), Optional.empty());
            case Picked.OfPages(var pages) ->
                new PickedView(
                        Optional.empty(),
                        pages,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty());
            case Picked.OfSheet(var notebook, var monday) ->
                new PickedView(
                        Optional.empty(),
                        List.of(),
                        Optional.of(notebook),
                        Optional.of(monday),
                        Optional.empty(),
                        Optional.empty());
            case Picked.OfBook(var book) -> NOTHING.with(Optional.empty(), Optional.of(book), Optional.empty());
            case Picked.OfCollection(var collection) ->
                NOTHING.with(Optional.empty(), Optional.empty(), Optional.of(collection));
        };
    }

    private static final PickedView NOTHING = new PickedView(
            Optional.empty(), List.of(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    private PickedView with(Optional<UUID> aSection, Optional<UUID> aBook, Optional<UUID> aCollection) {
        return new PickedView(aSection, pages, notebook, monday, aBook, aCollection);
    }

    Picked picked() {
        if (section.isPresent()) {
            return new Picked.OfSection(section.get());
        }
        if (book.isPresent()) {
            return new Picked.OfBook(book.get());
        }
        if (collection.isPresent()) {
            return new Picked.OfCollection(collection.get());
        }
        if (notebook.isPresent() && monday.isPresent()) {
            return new Picked.OfSheet(notebook.get(), monday.get());
        }
        if (pages.isEmpty()) {
            throw Refusal.unfit(
                    "Choose what to hand in: a section, pages, the sheet of a week, a book, or a collection.");
        }
        return new Picked.OfPages(pages);
    }
}
