/** Tables as CSV (RFC 4180). */
@NullMarked
package notchbook.formats.csv;

import org.jspecify.annotations.NullMarked;
