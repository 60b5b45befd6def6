/** Versions of the same work beside each other: what came, what went, what changed and what moved. */
@NullMarked
package notchbook.core.version;

import org.jspecify.annotations.NullMarked;
