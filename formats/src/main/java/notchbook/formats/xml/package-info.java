/** Text within XML and HTML. */
@NullMarked
package notchbook.formats.xml;

import org.jspecify.annotations.NullMarked;
