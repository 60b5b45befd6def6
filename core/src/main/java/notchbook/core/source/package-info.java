/** Sources: where a thing comes from that a student did not make, and how far it can be trusted. */
@NullMarked
package notchbook.core.source;

import org.jspecify.annotations.NullMarked;
