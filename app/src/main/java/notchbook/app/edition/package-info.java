/** Editions set side by side, and notebooks that move from one to another. */
@NullMarked
package notchbook.app.edition;

import org.jspecify.annotations.NullMarked;
