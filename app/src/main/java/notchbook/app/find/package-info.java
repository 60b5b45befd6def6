/** The find box: everything that a reader may see, by its words. */
@NullMarked
package notchbook.app.find;

import org.jspecify.annotations.NullMarked;
