/** Marks on entries and passages, gathering them, and the feed of dated tasks. */
@NullMarked
package notchbook.app.mark;

import org.jspecify.annotations.NullMarked;
