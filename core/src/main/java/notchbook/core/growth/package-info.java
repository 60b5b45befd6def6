/** What changed between two pieces of work, and over the weeks. */
@NullMarked
package notchbook.core.growth;

import org.jspecify.annotations.NullMarked;
