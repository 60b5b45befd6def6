package notchbook.app.collection;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import notchbook.app.entry.Entry;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Page;

/** A collection as it is read: a page for each heading, the notebooks that it helps with, and the points that it helps with there. */
public record Collected(
        String title,
        List<Notebook> notebooks,
        Set<UUID> points,
        List<Page> pages,
        Map<UUID, List<Entry>> entriesByPage) {}
