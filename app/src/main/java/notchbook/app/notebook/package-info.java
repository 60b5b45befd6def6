/** Notebooks, sections, pages, entries and their notches. */
@NullMarked
package notchbook.app.notebook;

import org.jspecify.annotations.NullMarked;
