/** Syllabus editions: units, topics, points, their weights, and what of them is in force. */
@NullMarked
package notchbook.core.syllabus;

import org.jspecify.annotations.NullMarked;
