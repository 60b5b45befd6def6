/** Gathering: files of links, rows or references that are taken into a collection, and the files that leave it. */
@NullMarked
package notchbook.app.gather;

import org.jspecify.annotations.NullMarked;
