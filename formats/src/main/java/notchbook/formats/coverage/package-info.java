/** Coverage as tables and as a printed sheet. */
@NullMarked
package notchbook.formats.coverage;

import org.jspecify.annotations.NullMarked;
