/** Past papers of notebooks. */
@NullMarked
package notchbook.app.paper;

import org.jspecify.annotations.NullMarked;
