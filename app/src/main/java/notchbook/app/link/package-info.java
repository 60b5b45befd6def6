/** Links to the web and the cards that are made of them. */
@NullMarked
package notchbook.app.link;

import org.jspecify.annotations.NullMarked;
