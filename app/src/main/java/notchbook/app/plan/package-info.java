/** When classes mean to teach each topic, and students to do it. */
@NullMarked
package notchbook.app.plan;

import org.jspecify.annotations.NullMarked;
