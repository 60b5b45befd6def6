/** Pieces of work in order of time, what changed between two of them, and pairs that are kept. */
@NullMarked
package notchbook.app.growth;

import org.jspecify.annotations.NullMarked;
