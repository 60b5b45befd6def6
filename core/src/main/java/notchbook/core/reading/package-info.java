/** Links by which somebody outside reads one thing. */
@NullMarked
package notchbook.core.reading;

import org.jspecify.annotations.NullMarked;
