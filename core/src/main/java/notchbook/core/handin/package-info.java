/** Checks before a hand-in, the seal, and what may happen to a hand-in. */
@NullMarked
package notchbook.core.handin;

import org.jspecify.annotations.NullMarked;
