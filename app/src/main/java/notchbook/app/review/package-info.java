/** Looking at a page again: its fold, its cues, and how far it is in the student's own words. */
@NullMarked
package notchbook.app.review;

import org.jspecify.annotations.NullMarked;
