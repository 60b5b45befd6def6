/** Groups of a class. */
@NullMarked
package notchbook.core.group;

import org.jspecify.annotations.NullMarked;
