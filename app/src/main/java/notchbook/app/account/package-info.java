/** One's own account: the first visit, the password, the devices that are signed in. */
@NullMarked
package notchbook.app.account;

import org.jspecify.annotations.NullMarked;
