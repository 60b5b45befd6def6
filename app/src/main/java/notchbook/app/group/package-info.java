/** Groups of classes. */
@NullMarked
package notchbook.app.group;

import org.jspecify.annotations.NullMarked;
