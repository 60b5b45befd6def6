/** Copies of a version or a section in forms that others open: wanted, made by a job, and there for some days. */
@NullMarked
package notchbook.app.copy;

import org.jspecify.annotations.NullMarked;
