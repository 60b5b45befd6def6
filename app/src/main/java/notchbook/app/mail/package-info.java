/** Mails that leave, or are shown by a stand-in. */
@NullMarked
package notchbook.app.mail;

import org.jspecify.annotations.NullMarked;
