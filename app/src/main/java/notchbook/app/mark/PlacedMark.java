package notchbook.app.mark;

import java.util.List;
import notchbook.app.entry.Entry;
import notchbook.app.notebook.Notebook;
import notchbook.app.notebook.Page;
import notchbook.core.mark.Gathering;
import notchbook.core.mark.Mark;
import notchbook.core.syllabus.SyllabusNode;

/** A mark with the live page that it stands on; {@code words} are the marked passage's, else the entry's name. */
public record PlacedMark(
        Notebook notebook, Page page, Entry entry, String words, List<SyllabusNode> topics, Gathering.Placed placed) {
    public Mark mark() {
        return placed.mark();
    }
}
