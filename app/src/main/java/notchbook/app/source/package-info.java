/** Sources: reference lists of what a collection holds. */
@NullMarked
package notchbook.app.source;

import org.jspecify.annotations.NullMarked;
