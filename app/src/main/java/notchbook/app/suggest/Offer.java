package notchbook.app.suggest;

import java.util.List;
import notchbook.core.syllabus.SyllabusNode;

/** A point that an entry may be about, with the entry's words that say so. */
record Offer(SyllabusNode point, List<String> words) {}
