/** What is written on top of a picture: ink, labels, callouts, boxes and numbered spots. */
@NullMarked
package notchbook.core.layer;

import org.jspecify.annotations.NullMarked;
