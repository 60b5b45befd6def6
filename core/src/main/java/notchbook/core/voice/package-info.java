/** Recordings: how loud they are, where nothing is said, and which moment of them a note belongs to. */
@NullMarked
package notchbook.core.voice;

import org.jspecify.annotations.NullMarked;
