package notchbook.app.mark;

import java.time.LocalDate;
import java.util.UUID;
import notchbook.app.entry.Entry;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Page;

/** Where a mark stands. */
public sealed interface Where {
    /** What it stands on. */
    UUID on();

    LocalDate day();

    /** Of the page or the collection, for people. */
    String name();

    /** On an entry of a live page. */
    record OnPage(Notebook notebook, Page page, Entry entry) implements Where {
        @Override
        public UUID on() {
            return entry.id();
        }

        @Override
        public LocalDate day() {
            return page.day();
        }

        @Override
        public String name() {
            return page.title();
        }
    }

    /** On a thing of a collection, which was kept on a day. */
    record OnThing(UUID on, UUID collection, String name, LocalDate day) implements Where {}
}
