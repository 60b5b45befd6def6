/** The shape of a notebook: sections, the edge of a page, kinds of evidence. */
@NullMarked
package notchbook.core.notebook;

import org.jspecify.annotations.NullMarked;
