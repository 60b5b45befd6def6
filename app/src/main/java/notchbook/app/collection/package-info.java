/** Resources gathered for a purpose. */
@NullMarked
package notchbook.app.collection;

import org.jspecify.annotations.NullMarked;
