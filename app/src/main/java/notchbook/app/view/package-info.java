/** Views of collections that are kept under a name, and the board: where things lie on it, and the ties between them. */
@NullMarked
package notchbook.app.view;

import org.jspecify.annotations.NullMarked;
