/** The demo school: its people, their work, and the pictures, drawings and sounds in it, all made here. */
@NullMarked
package notchbook.demo;

import org.jspecify.annotations.NullMarked;
