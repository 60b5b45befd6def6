/** Looking at a page again: what it folds to, and asking oneself its cues. */
@NullMarked
package notchbook.core.review;

import org.jspecify.annotations.NullMarked;
