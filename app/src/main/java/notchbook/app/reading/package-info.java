/** Links by which somebody outside reads one thing. */
@NullMarked
package notchbook.app.reading;

import org.jspecify.annotations.NullMarked;
