/** Collections: what their things are told apart by, which values were used before, and which addresses are the same. */
@NullMarked
package notchbook.core.collection;

import org.jspecify.annotations.NullMarked;
