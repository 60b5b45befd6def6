/** Past papers: the list of them, what was earned in each, and how topics do from paper to paper. */
@NullMarked
package notchbook.core.paper;

import org.jspecify.annotations.NullMarked;
