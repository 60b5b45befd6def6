/** A syllabus told from the text of a document: its lines, which of them are furniture, and how deep each stands. */
@NullMarked
package notchbook.core.outline;

import org.jspecify.annotations.NullMarked;
