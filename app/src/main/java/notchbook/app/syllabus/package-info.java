/** Syllabus editions and class plans. */
@NullMarked
package notchbook.app.syllabus;

import org.jspecify.annotations.NullMarked;
