/** Measures of speed; figures are in docs/benchmarks.md. */
@NullMarked
package notchbook.bench;

import org.jspecify.annotations.NullMarked;
