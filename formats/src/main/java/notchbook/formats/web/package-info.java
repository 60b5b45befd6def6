/** Work as pages for the web and for books that are read on a screen (EPUB 3). */
@NullMarked
package notchbook.formats.web;

import org.jspecify.annotations.NullMarked;
