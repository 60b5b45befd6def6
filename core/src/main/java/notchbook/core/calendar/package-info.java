/** The school year and its teaching weeks. */
@NullMarked
package notchbook.core.calendar;

import org.jspecify.annotations.NullMarked;
