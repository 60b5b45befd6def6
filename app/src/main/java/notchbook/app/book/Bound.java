package notchbook.app.book;

import java.util.List;
import java.util.UUID;
import notchbook.app.entry.Entry;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Page;
import notchbook.core.book.BookLack;

/** A book as it is read: its sheets in order, the notebooks that it is made of, and what it still lacks. */
public record Bound(String title, List<Notebook> notebooks, List<Sheet> sheets, List<BookLack> lacks) {
    /** A page with what stands on it: pieces as they are now, and the words about them as text of the page itself. */
    public record Sheet(Page page, List<Entry> entries) {
        /** The pieces of work alone. */
        public List<Entry> pieces() {
            return entries.stream().filter(entry -> !isOf(page.id(), entry)).toList();
        }

        private static boolean isOf(UUID page, Entry entry) {
            return entry.place().pageId().equals(page);
        }
    }
}
