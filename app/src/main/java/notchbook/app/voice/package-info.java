/** What is said in recordings and clips, in an open format. */
@NullMarked
package notchbook.app.voice;

import org.jspecify.annotations.NullMarked;
