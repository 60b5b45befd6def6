/** The noticeboard of a class: pieces that students show, and what is said about them. */
@NullMarked
package notchbook.app.noticeboard;

import org.jspecify.annotations.NullMarked;
