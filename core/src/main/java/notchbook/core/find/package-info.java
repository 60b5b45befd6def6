/** Finding words again: stems, queries, and the place of a match in its text. */
@NullMarked
package notchbook.core.find;

import org.jspecify.annotations.NullMarked;
