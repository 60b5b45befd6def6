/** Syllabus editions as CSV. */
@NullMarked
package notchbook.formats.syllabus;

import org.jspecify.annotations.NullMarked;
