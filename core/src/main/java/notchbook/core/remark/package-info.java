/** What a teacher says about handed-in work: what a remark is about, and where that stands in the next version. */
@NullMarked
package notchbook.core.remark;

import org.jspecify.annotations.NullMarked;
