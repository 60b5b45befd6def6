/** Pictures, sounds and files: judged, stored by digest, served. */
@NullMarked
package notchbook.app.media;

import org.jspecify.annotations.NullMarked;
