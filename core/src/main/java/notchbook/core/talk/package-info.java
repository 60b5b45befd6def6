/** Drawings that are played back with the voice that explained them. */
@NullMarked
package notchbook.core.talk;

import org.jspecify.annotations.NullMarked;
