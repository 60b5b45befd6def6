/** This week and the week ruler. */
@NullMarked
package notchbook.app.week;

import org.jspecify.annotations.NullMarked;
