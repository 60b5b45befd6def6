/** Gathering: what the columns of a table are for the things of a collection. */
@NullMarked
package notchbook.core.gather;

import org.jspecify.annotations.NullMarked;
