/** What a web page says of itself. */
@NullMarked
package notchbook.formats.link;

import org.jspecify.annotations.NullMarked;
