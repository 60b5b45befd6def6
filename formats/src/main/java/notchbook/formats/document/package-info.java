/** Typed text as the JSON that the editor speaks. */
@NullMarked
package notchbook.formats.document;

import org.jspecify.annotations.NullMarked;
