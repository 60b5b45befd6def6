/** Drawings as strokes with time and pressure. */
@NullMarked
package notchbook.core.ink;

import org.jspecify.annotations.NullMarked;
