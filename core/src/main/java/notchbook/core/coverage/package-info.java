/** What the exam needs against what the notebook holds. */
@NullMarked
package notchbook.core.coverage;

import org.jspecify.annotations.NullMarked;
