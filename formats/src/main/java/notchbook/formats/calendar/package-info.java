/** iCalendar (RFC 5545). */
@NullMarked
package notchbook.formats.calendar;

import org.jspecify.annotations.NullMarked;
