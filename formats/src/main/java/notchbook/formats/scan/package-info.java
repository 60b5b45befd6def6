/** Sets of photographed pages. */
@NullMarked
package notchbook.formats.scan;

import org.jspecify.annotations.NullMarked;
