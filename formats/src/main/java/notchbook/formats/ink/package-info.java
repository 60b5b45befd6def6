/** Drawings as JSON and as SVG. */
@NullMarked
package notchbook.formats.ink;

import org.jspecify.annotations.NullMarked;
