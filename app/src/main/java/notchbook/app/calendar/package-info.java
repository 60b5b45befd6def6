/** The school year. */
@NullMarked
package notchbook.app.calendar;

import org.jspecify.annotations.NullMarked;
