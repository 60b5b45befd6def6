/** Collections that are shown to people and classes by name, looked through by these, and taken over. */
@NullMarked
package notchbook.app.show;

import org.jspecify.annotations.NullMarked;
