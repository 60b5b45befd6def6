/** What teachers say about handed-in work, what students answer, and each teacher's own stock of sentences. */
@NullMarked
package notchbook.app.remark;

import org.jspecify.annotations.NullMarked;
