/** Syllabus editions. */
@NullMarked
package notchbook.app.syllabus;

import org.jspecify.annotations.NullMarked;
