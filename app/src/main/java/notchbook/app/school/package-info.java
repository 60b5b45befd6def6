/** The people and classes of a school, looked after by its keepers. */
@NullMarked
package notchbook.app.school;

import org.jspecify.annotations.NullMarked;
