/** Drawings that were explained aloud, as they leave: as a film, made by a job, and as a web page by itself. */
@NullMarked
package notchbook.app.talk;

import org.jspecify.annotations.NullMarked;
