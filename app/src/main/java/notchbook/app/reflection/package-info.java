/** The weekly look back. */
@NullMarked
package notchbook.app.reflection;

import org.jspecify.annotations.NullMarked;
