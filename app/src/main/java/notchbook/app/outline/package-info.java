/** Syllabi told from the text of a document. */
@NullMarked
package notchbook.app.outline;

import org.jspecify.annotations.NullMarked;
