/** What is written on top of pictures, as JSON and as SVG. */
@NullMarked
package notchbook.formats.layer;

import org.jspecify.annotations.NullMarked;
