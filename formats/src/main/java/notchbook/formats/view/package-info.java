/** Views of collections as files. */
@NullMarked
package notchbook.formats.view;

import org.jspecify.annotations.NullMarked;
