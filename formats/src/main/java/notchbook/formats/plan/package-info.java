/** Plans of what is taught when, as CSV. */
@NullMarked
package notchbook.formats.plan;

import org.jspecify.annotations.NullMarked;
