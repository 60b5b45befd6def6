/** Patterns of pages that students made themselves. */
@NullMarked
package notchbook.app.pattern;

import org.jspecify.annotations.NullMarked;
