/** Books of the year: made of a student's notebooks, read page by page, and handed in. */
@NullMarked
package notchbook.app.book;

import org.jspecify.annotations.NullMarked;
