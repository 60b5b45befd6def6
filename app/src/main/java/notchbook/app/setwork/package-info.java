/** What teachers ask their classes for. */
@NullMarked
package notchbook.app.setwork;

import org.jspecify.annotations.NullMarked;
