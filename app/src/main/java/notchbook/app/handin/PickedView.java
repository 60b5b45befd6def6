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
        return new PickedView(
                picked instanceof Picked.OfSection(var section) ? Optional.of(section) : Optional.empty(),
                picked instanceof Picked.OfPages(var pages) ? pages : List.of(),
                picked instanceof Picked.OfSheet(var notebook, var ignored) ? Optional.of(notebook) : Optional.empty(),
                picked instanceof Picked.OfSheet(var ignored, var monday) ? Optional.of(monday) : Optional.empty(),
                picked instanceof Picked.OfBook(var book) ? Optional.of(book) : Optional.empty(),
                picked instanceof Picked.OfCollection(var collection) ? Optional.of(collection) : Optional.empty());
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
