/** Checking, sealing, handing in, remarks and verdicts. */
@NullMarked
package notchbook.app.handin;

import org.jspecify.annotations.NullMarked;
