/** Notebooks, their sections and pages, and whose they are. */
@NullMarked
package notchbook.app.notebook;

import org.jspecify.annotations.NullMarked;
