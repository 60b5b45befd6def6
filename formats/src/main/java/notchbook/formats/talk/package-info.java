/** Drawings that are played back with a voice, as pictures of a film and as a web page by itself. */
@NullMarked
package notchbook.formats.talk;

import org.jspecify.annotations.NullMarked;
