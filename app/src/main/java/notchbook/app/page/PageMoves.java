package notchbook.app.page;

import java.util.UUID;
import notchbook.app.entry.EntryCopies;
import notchbook.app.notebook.Page;
import notchbook.app.notebook.Pages;
import notchbook.app.notebook.Sections;
import notchbook.app.people.Person;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Moves and copies pages to any section of any notebook of their owner's, with their notches. */
@Service
public class PageMoves {
    private final Pages pages;
    private final Sections sections;
    private final EntryCopies entries;

    PageMoves(Pages pages, Sections sections, EntryCopies entries) {
        this.pages = pages;
        this.sections = sections;
        this.entries = entries;
    }

    /** Puts a page into a section, as its page number {@code position} from 0. */
    @Transactional
    public void move(Person reader, UUID pageId, UUID sectionId, int position) {
        var page = pages.require(reader, pageId);
        var to = sections.require(reader, sectionId);
        entries.carryNotches(reader, page, sections.require(reader, page.sectionId()), to);
        pages.move(page, to, position);
    }

    /** Copies a page, as the last one of a section; copying it again under the same id changes nothing. */
    @Transactional
    public Page copy(Person reader, UUID pageId, UUID copyId, UUID sectionId) {
        var page = pages.require(reader, pageId);
        var to = sections.require(reader, sectionId);
        if (pages.isThere(copyId)) {
            return pages.require(reader, copyId);
        }
        var copy = pages.copy(page, copyId, to);
        entries.copy(reader, page, copyId, sections.require(reader, page.sectionId()), to);
        return copy;
    }
}
