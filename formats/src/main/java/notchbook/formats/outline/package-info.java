/** The lines of a document that a syllabus is told from. */
@NullMarked
package notchbook.formats.outline;

import org.jspecify.annotations.NullMarked;
