/** What a teacher asks a class for, and by what it is judged. */
@NullMarked
package notchbook.core.setwork;

import org.jspecify.annotations.NullMarked;
