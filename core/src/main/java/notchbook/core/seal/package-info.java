/** Seals: the digests of all parts of a version, what is said of it, and the signature over that. */
@NullMarked
package notchbook.core.seal;

import org.jspecify.annotations.NullMarked;
