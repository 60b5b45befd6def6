/** Pieces that students show to their class, and what others say about them. */
@NullMarked
package notchbook.core.noticeboard;

import org.jspecify.annotations.NullMarked;
