/** What every room stands on: security, problems, time, the front end's files. */
@NullMarked
package notchbook.app.platform;

import org.jspecify.annotations.NullMarked;
