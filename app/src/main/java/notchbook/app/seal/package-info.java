/** The keys that this installation signs seals with. */
@NullMarked
package notchbook.app.seal;

import org.jspecify.annotations.NullMarked;
