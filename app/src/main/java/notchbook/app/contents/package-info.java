/** What a notebook holds as a whole: its contents, sections with all that is in them, the needle and the bin. */
@NullMarked
package notchbook.app.contents;

import org.jspecify.annotations.NullMarked;
