/** From one syllabus edition to another: what became of each line, and what of a notebook goes along. */
@NullMarked
package notchbook.core.edition;

import org.jspecify.annotations.NullMarked;
