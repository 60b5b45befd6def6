/** Photographed paper: where the page lies in the photo, what shape it really has, and the order of a set of pages. */
@NullMarked
package notchbook.core.scan;

import org.jspecify.annotations.NullMarked;
