/** What the exam needs against what the notebook holds. */
@NullMarked
package notchbook.app.coverage;

import org.jspecify.annotations.NullMarked;
