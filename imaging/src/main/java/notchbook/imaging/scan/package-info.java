/** A photo of paper becomes a clean page: found, straightened, turned upright, evenly lit, and judged. */
@NullMarked
package notchbook.imaging.scan;

import org.jspecify.annotations.NullMarked;
