package notchbook.app.suggest;

import java.util.List;
import notchbook.app.entry.Entry;

/** An entry with its text and what it may be about, the likeliest first. */
record OfferedEntry(Entry entry, String text, List<Offer> offers) {}
