/** Work as Markdown (CommonMark with tables), which any editor opens. */
@NullMarked
package notchbook.formats.markdown;

import org.jspecify.annotations.NullMarked;
