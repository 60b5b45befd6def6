package notchbook.app.reflection;

import static java.util.Comparator.comparing;

import java.util.Optional;
import java.util.UUID;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Notebooks;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Section;
import org.springframework.stereotype.Component;

/** Where a page for spoken and handwritten answers would be made. */
@Component
class SheetPages {
    private final Notebooks notebooks;

    SheetPages(Notebooks notebooks) {
        this.notebooks = notebooks;
    }

    /** The section of the student's last page, else the first of the notebook; none where it has none. */
    Optional<UUID> of(Notebook notebook) {
        return notebooks.pages(notebook).stream()
                .max(comparing(Page::day).thenComparing(Page::id))
                .map(Page::sectionId)
                .or(() -> notebooks.sections(notebook).stream().findFirst().map(Section::id));
    }
}
