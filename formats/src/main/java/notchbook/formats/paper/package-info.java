/** Past papers as CSV. */
@NullMarked
package notchbook.formats.paper;

import org.jspecify.annotations.NullMarked;
