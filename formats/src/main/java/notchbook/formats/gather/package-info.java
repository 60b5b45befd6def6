/** What was gathered elsewhere and comes in, or goes out: bookmarks and tables. */
@NullMarked
package notchbook.formats.gather;

import org.jspecify.annotations.NullMarked;
