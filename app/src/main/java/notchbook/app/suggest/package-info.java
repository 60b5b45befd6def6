/** Which points entries may be about, and work that is filed nowhere. */
@NullMarked
package notchbook.app.suggest;

import org.jspecify.annotations.NullMarked;
