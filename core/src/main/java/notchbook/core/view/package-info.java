/**
 * Ways to see the things of a collection: sorted, narrowed, in groups, as figures, as a chart, on a board. These rules run in the browser
 * too, so they call nothing that brings tables of letters or calendars along.
 */
@NullMarked
package notchbook.core.view;

import org.jspecify.annotations.NullMarked;
