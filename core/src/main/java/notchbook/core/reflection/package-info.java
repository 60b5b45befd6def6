/** The weekly look back: prompts, word ranges, own ratings. */
@NullMarked
package notchbook.core.reflection;

import org.jspecify.annotations.NullMarked;
