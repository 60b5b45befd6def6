/** Marks on paragraphs and entries, and gathering them. */
@NullMarked
package notchbook.core.mark;

import org.jspecify.annotations.NullMarked;
