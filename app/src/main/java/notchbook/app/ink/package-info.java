/** Drawings in open formats. */
@NullMarked
package notchbook.app.ink;

import org.jspecify.annotations.NullMarked;
