/** What is known of a recording beside its sound, as JSON. */
@NullMarked
package notchbook.formats.voice;

import org.jspecify.annotations.NullMarked;
