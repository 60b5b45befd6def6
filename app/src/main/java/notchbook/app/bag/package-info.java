/** Everything of a notebook or a person as a bag of open files, out and in again. */
@NullMarked
package notchbook.app.bag;

import org.jspecify.annotations.NullMarked;
