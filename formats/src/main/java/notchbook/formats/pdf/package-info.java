/** A section as a tagged PDF. */
@NullMarked
package notchbook.formats.pdf;

import org.jspecify.annotations.NullMarked;
