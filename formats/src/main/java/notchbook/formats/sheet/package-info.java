/** Work as it leaves for a reader: what every form that it leaves in is written from. */
@NullMarked
package notchbook.formats.sheet;

import org.jspecify.annotations.NullMarked;
