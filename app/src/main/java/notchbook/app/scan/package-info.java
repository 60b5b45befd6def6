/** The scan bench: photos of paper on their way to become the pages of a photo entry. */
@NullMarked
package notchbook.app.scan;

import org.jspecify.annotations.NullMarked;
