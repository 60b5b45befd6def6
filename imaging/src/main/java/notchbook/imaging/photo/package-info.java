/** Photos on their way in: judged by content, turned upright, without place data. */
@NullMarked
package notchbook.imaging.photo;

import org.jspecify.annotations.NullMarked;
