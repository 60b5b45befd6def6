/** Which points of a syllabus an entry may be about, by its words. */
@NullMarked
package notchbook.core.suggest;

import org.jspecify.annotations.NullMarked;
