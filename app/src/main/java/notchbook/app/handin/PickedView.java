package notchbook.app.handin;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import notchbook.app.platform.Refusal;
import notchbook.core.handin.Picked;

/** What was picked, as it is sent: a section; or pages; or a notebook with the Monday of a sheet; or a book. */
record PickedView(
        Optional<UUID> section,
        List<UUID> pages,
        Optional<UUID> notebook,
        Optional<LocalDate> monday,
        Optional<UUID> book) {
    static PickedView of(Picked picked) {
        return switch (picked) {
            case Picked.OfSection(var section) ->
                new PickedView(Optional.of(section), List.of(), Optional.empty(), Optional.empty(), Optional.empty());
            case Picked.OfPages(var pages) ->
                new PickedView(Optional.empty(), pages, Optional.empty(), Optional.empty(), Optional.empty());
            case Picked.OfSheet(var notebook, var monday) ->
                new PickedView(
                        Optional.empty(), List.of(), Optional.of(notebook), Optional.of(monday), Optional.empty());
            case Picked.OfBook(var book) ->
                new PickedView(Optional.empty(), List.of(), Optional.empty(), Optional.empty(), Optional.of(book));
        };
    }

    Picked picked() {
        if (section.isPresent()) {
            return new Picked.OfSection(section.get());
        }
        if (book.isPresent()) {
            return new Picked.OfBook(book.get());
        }
        if (notebook.isPresent() && monday.isPresent()) {
            return new Picked.OfSheet(notebook.get(), monday.get());
        }
        if (pages.isEmpty()) {
            throw Refusal.unfit("Choose what to hand in: a section, pages, the sheet of a week, or a book.");
        }
        return new Picked.OfPages(pages);
    }
}
