/** Sources as reference lists, and as the files that others read and write: BibTeX, RIS and CSL JSON. */
@NullMarked
package notchbook.formats.source;

import org.jspecify.annotations.NullMarked;
