package notchbook.app.book;

import java.util.List;
import java.util.UUID;
import notchbook.app.entry.NotebookEntries;
import notchbook.app.notebook.Notebooks;
import notchbook.app.people.Person;
import notchbook.app.reflection.LookBacks;
import notchbook.app.syllabus.Syllabi;
import notchbook.core.book.Offer;
import org.springframework.stereotype.Component;

/** Which pieces of a notebook are offered for a book. */
@Component
class Offers {
    private final Notebooks notebooks;
    private final NotebookEntries entries;
    private final LookBacks lookBacks;
    private final CheckedWork checked;
    private final Syllabi syllabi;

    Offers(Notebooks notebooks, NotebookEntries entries, LookBacks lookBacks, CheckedWork checked, Syllabi syllabi) {
        this.notebooks = notebooks;
        this.entries = entries;
        this.lookBacks = lookBacks;
        this.checked = checked;
        this.syllabi = syllabi;
    }

    /** Those of a notebook of the reader's own. */
    List<Offer> of(Person reader, UUID notebookId) {
        var notebook = notebooks.require(reader, notebookId);
        return Offer.of(
                syllabi.edition(notebook.editionId(), notebook.id()),
                List.copyOf(entries.evidence(notebook)),
                lookBacks.lookedAt(notebook),
                checked.withoutRemark(reader));
    }
}
