/** The book of the year: what its pages are, what is offered for them, and what is still missing. */
@NullMarked
package notchbook.core.book;

import org.jspecify.annotations.NullMarked;
