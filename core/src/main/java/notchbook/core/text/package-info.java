/** Typed text as a structured document, and counting its words. */
@NullMarked
package notchbook.core.text;

import org.jspecify.annotations.NullMarked;
