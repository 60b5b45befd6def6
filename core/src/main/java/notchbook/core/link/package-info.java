/** Links to the web: what is an address, and which addresses a server may go to for its students. */
@NullMarked
package notchbook.core.link;

import org.jspecify.annotations.NullMarked;
