/** A page as it is seen and worked on, and pages that move or are copied. */
@NullMarked
package notchbook.app.page;

import org.jspecify.annotations.NullMarked;
