/** Entries: kept as they are made, with their notches and what they were before. */
@NullMarked
package notchbook.app.entry;

import org.jspecify.annotations.NullMarked;
