/** Resources gathered for a purpose. */
@NullMarked
package notchbook.core.collection;

import org.jspecify.annotations.NullMarked;
