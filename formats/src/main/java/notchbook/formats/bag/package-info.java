/** Bags: many files in one, with a digest of each (BagIt 1.0, RFC 8493). */
@NullMarked
package notchbook.formats.bag;

import org.jspecify.annotations.NullMarked;
