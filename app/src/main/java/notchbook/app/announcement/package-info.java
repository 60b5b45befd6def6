/** What teachers say to a class, and who has read it. */
@NullMarked
package notchbook.app.announcement;

import org.jspecify.annotations.NullMarked;
